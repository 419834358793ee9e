package upshot.core.joint;

import java.util.List;
import java.util.Optional;
import upshot.core.cut.Picture;
import upshot.core.finding.Finding;
import upshot.core.finding.Measured;
import upshot.core.finding.Mend;
import upshot.core.finding.Mends;
import upshot.core.finding.Quantity;
import upshot.core.finding.RuleCard;
import upshot.core.finding.Status;
import upshot.core.finding.Wording;
import upshot.core.plan.Change;
import upshot.core.plan.Entry;
import upshot.core.plan.UseCrop;

/** The same seconds of a take are shown a second time, and nobody says that it is meant. */
final class SameSeconds implements PastRule {

    private static final double ROUNDING = 1e-9;
    private static final double SECOND_LOOK = 1.7;

    private record Slice(double fromS, double toS) {

        double sharedS(Slice other) {
            return Math.min(toS, other.toS) - Math.max(fromS, other.fromS);
        }
    }

    @Override
    public String id() {
        return "same-seconds";
    }

    @Override
    public RuleCard card() {
        return RuleCard.of(
                "The same seconds again",
                "The same seconds of a take are shown once, or again on purpose.",
                "A viewer takes the second time for a slip.",
                RuleCard.Source.PLAN,
                RuleCard.Bound.of("cropped so much it is a second look", SECOND_LOOK, "×"));
    }

    @Override
    public Optional<Finding> judge(Meeting meeting, Past past) {
        Picture into = meeting.into();
        Optional<Slice> shown = slice(into);
        if (shown.isEmpty() || into.use().entry() == Entry.REPEAT) {
            return Optional.empty();
        }
        for (Picture earlier : past.showing(into.shot())) {
            Optional<Slice> before = slice(earlier);
            double shared = before.map(one -> one.sharedS(shown.get())).orElse(0.0);
            if (shared > ROUNDING) {
                return Optional.of(finding(earlier, into, before.get(), shared));
            }
        }
        return Optional.empty();
    }

    /** What a use takes of its shot; empty while it is open where it begins. */
    private static Optional<Slice> slice(Picture picture) {
        return picture.use().inS().map(from -> new Slice(from, from + picture.realS()));
    }

    /** Whether it is seen so differently that it is taken for a second look. */
    private static boolean secondLook(UseCrop one, UseCrop other) {
        double step = Math.max(one.cropZoom(), other.cropZoom()) / Math.min(one.cropZoom(), other.cropZoom());
        boolean elsewhere = one.cropZoom() > 1
                && other.cropZoom() > 1
                && (one.cropAcross() != other.cropAcross() || one.cropDown() != other.cropDown());
        return step >= SECOND_LOOK - ROUNDING || elsewhere;
    }

    private Finding finding(Picture earlier, Picture into, Slice before, double shared) {
        return new Finding(
                id(),
                secondLook(earlier.use().crop(), into.use().crop()) ? Status.WATCH : Status.BREAK,
                List.of(earlier.use().id(), into.use().id()),
                "Seen before.",
                new Measured(shared, 0, Quantity.SECONDS),
                "%s s of %s are shown a second time."
                        .formatted(Wording.number(shared, 2), into.shot().code()),
                Mends.later(() -> List.of(
                        new Mend(
                                "Begin after what was shown, at %s s".formatted(Wording.number(before.toS, 2)),
                                Change.edit(into.use(), one -> one.withInS(Optional.of(before.toS)))),
                        new Mend(
                                "Repeat it on purpose", Change.edit(into.use(), one -> one.withEntry(Entry.REPEAT))))));
    }
}
