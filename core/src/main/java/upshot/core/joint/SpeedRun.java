package upshot.core.joint;

import java.util.List;
import java.util.Optional;
import upshot.core.cut.Picture;
import upshot.core.finding.Finding;
import upshot.core.finding.Measured;
import upshot.core.finding.Mend;
import upshot.core.finding.Quantity;
import upshot.core.finding.RuleCard;
import upshot.core.finding.RuleCard.Bound;
import upshot.core.finding.Status;

/** Slow motion twice running where it should stay an event, or one speed for too long where speeds should change. */
final class SpeedRun implements PastRule {

    private static final int UNCHANGED = 8;

    @Override
    public String id() {
        return "speed-run";
    }

    @Override
    public RuleCard card() {
        return RuleCard.of(
                "Slow motion in a row",
                "Slow motion does not come twice running, or speeds change, as the school wants.",
                "An event that goes on is no event.",
                RuleCard.Source.SCHOOL,
                Bound.of("uses of one speed at most", UNCHANGED, "uses"));
    }

    @Override
    public Optional<Finding> judge(Meeting meeting, Past past) {
        return switch (meeting.house().speed()) {
            case SPARE -> twice(meeting.out(), meeting.into());
            case VARIED -> unchanged(meeting, past);
            case HIGH_FOR_OPTIONS -> Optional.empty();
        };
    }

    private Optional<Finding> twice(Picture out, Picture into) {
        boolean slow = out.playback().slow() && into.playback().slow();
        if (!slow || out.action().equals(into.action())) {
            return Optional.empty();
        }
        return watch(
                out,
                into,
                new Measured(2, 1, Quantity.COUNT),
                "Slow twice running.",
                "%s and %s are both slow and show two actions: slow motion stops being an event."
                        .formatted(out.shot().code(), into.shot().code()));
    }

    /** Said once, where the run has become too long. */
    private Optional<Finding> unchanged(Meeting meeting, Past past) {
        double speed = speed(meeting.into());
        int run = 1;
        while (run <= UNCHANGED
                && past.at(run - 1).filter(one -> speed(one) == speed).isPresent()) {
            run++;
        }
        return run != UNCHANGED
                ? Optional.empty()
                : watch(
                        meeting.out(),
                        meeting.into(),
                        new Measured(run, UNCHANGED - 1, Quantity.COUNT),
                        "One speed for long.",
                        "%d uses in a row play at one speed; the school changes it more often.".formatted(run));
    }

    private static double speed(Picture picture) {
        return Math.abs(picture.playback().speed());
    }

    private Optional<Finding> watch(Picture out, Picture into, Measured measured, String title, String why) {
        return Optional.of(new Finding(
                id(), Status.WATCH, List.of(out.use().id(), into.use().id()), title, measured, why, List.<Mend>of()));
    }
}
