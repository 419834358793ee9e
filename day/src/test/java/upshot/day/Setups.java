package upshot.day;

import java.util.List;
import java.util.Optional;

/** Setups with nothing about them but what a test is about: on one tripod at one spot, at any time up to an end. */
final class Setups {

    private Setups() {}

    /**
     * @param hours when it can be shot, after the call
     * @param people who is in it, by their numbers
     */
    static DaySetup of(int action, Gear gear, double shootMin, double resetMin, Windows.Span hours, Integer... people) {
        return new DaySetup(
                action,
                -1,
                false,
                gear,
                shootMin,
                resetMin,
                Optional.empty(),
                Optional.empty(),
                List.of(new Windows(List.of(hours), 0, false)),
                List.of(people),
                List.of(),
                List.of(),
                new DaySetup.Worth(0, 1),
                new DaySetup.Recording(0, 0),
                false,
                false,
                false,
                gear.stand());
    }

    /** On the first support at the first spot. */
    static Gear at(int stand) {
        return new Gear(stand, 0, 0, false, 0, 0, 0, false);
    }
}
