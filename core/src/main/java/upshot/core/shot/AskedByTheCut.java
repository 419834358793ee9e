package upshot.core.shot;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import upshot.core.plan.Around;
import upshot.core.plan.Entry;
import upshot.core.plan.Shot;
import upshot.core.plan.Use;

/** What the transitions of the paper cut ask of a shot, so that it is done on the day. */
final class AskedByTheCut {

    private AskedByTheCut() {}

    /** Each wish once, those of its beginning first. */
    static List<String> of(Around plan, Shot shot) {
        List<Use> uses = plan.usesOf(shot);
        return Stream.concat(
                        uses.stream().map(use -> asked(use.entry(), "begins")),
                        uses.stream().flatMap(use -> plan.outOf(use).stream()).map(out -> asked(out.entry(), "ends")))
                .flatMap(Optional::stream)
                .distinct()
                .toList();
    }

    private static Optional<String> asked(Entry entry, String end) {
        return switch (entry) {
            case STRAIGHT, JUMP, RETURN, REPEAT -> Optional.empty();
            case ACTION -> Optional.of("The whole movement, so that it can be cut on");
            case WHIP -> Optional.of("It %s with a whip".formatted(end));
            case THROUGH -> Optional.of("It %s past something close".formatted(end));
            case LIFT_DROP -> Optional.of("It %s with the thing lifted out of the frame".formatted(end));
            case MATCHED, POSITION -> Optional.of("It %s with the subject at the agreed place".formatted(end));
            case DISSOLVE, WIPE -> Optional.of("Seconds to blend where it %s".formatted(end));
            case RAMP -> Optional.of("It goes on without a break where its speed changes");
            case REVEAL -> Optional.of("It can be played backwards where it %s".formatted(end));
        };
    }
}
