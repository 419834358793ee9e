package upshot.core.order;

import java.util.Arrays;
import java.util.List;
import upshot.core.order.Setup.Stand;

/**
 * Whether two shoots are the same for the clock: setup for setup everything that an order and its times are made from,
 * so that an order of the one is an order of the other, minute for minute. Where the camera looks from and what it frames
 * may differ, as long as nobody can stay standing for the next setup who could not before.
 */
final class SameForTheClock {

    private final Shoot one;
    private final Shoot other;

    private SameForTheClock(Shoot one, Shoot other) {
        this.one = one;
        this.other = other;
    }

    static boolean are(Shoot one, Shoot other) {
        return new SameForTheClock(one, other).same();
    }

    private boolean same() {
        boolean same = one.size() == other.size()
                && one.crews().equals(other.crews())
                && one.table().equals(other.table())
                && one.people().equals(other.people())
                && one.capacityMegabytes() == other.capacityMegabytes();
        for (int i = 0; same && i < one.size(); i++) {
            same = same(one.part(i), other.part(i)) && sameStand(i);
        }
        return same;
    }

    private static boolean same(Shoot.Part one, Shoot.Part other) {
        return one.hours().equals(other.hours())
                && Arrays.equals(one.people(), other.people())
                && one.pinnedMin() == other.pinnedMin()
                && one.turn().equals(other.turn())
                && one.after().equals(other.after())
                && one.sameAction().equals(other.sameAction())
                && one.megabytes() == other.megabytes()
                && one.copyMin() == other.copyMin()
                && one.firstClass() == other.firstClass()
                && same(one.setup(), other.setup());
    }

    /** Moments and what happens once belong to the action. */
    private static boolean same(Setup one, Setup other) {
        return one.equals(other)
                || one.action().equals(other.action())
                        && one.spot().equals(other.spot())
                        && one.priority() == other.priority()
                        && one.shots().size() == other.shots().size()
                        && one.shootMin() == other.shootMin()
                        && one.stand().seenFrom(other.stand()).equals(other.stand());
    }

    /** A stand may be another one if it is nobody else's, before and after. */
    private boolean sameStand(int setup) {
        Stand now = one.setups().get(setup).stand();
        Stand before = other.setups().get(setup).stand();
        return now.equals(before) || onlyOne(one.setups(), now) && onlyOne(other.setups(), before);
    }

    private static boolean onlyOne(List<Setup> setups, Stand stand) {
        return setups.stream().filter(setup -> setup.stand().equals(stand)).count() == 1;
    }
}
