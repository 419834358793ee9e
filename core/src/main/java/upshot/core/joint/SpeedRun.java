package upshot.core.joint;

import java.util.List;
import java.util.Optional;
import upshot.core.cut.PaperCut;
import upshot.core.cut.PaperCut.Placed;
import upshot.core.finding.Finding;
import upshot.core.finding.Measured;
import upshot.core.finding.Mend;
import upshot.core.finding.RuleCard;
import upshot.core.finding.RuleCard.Bound;
import upshot.core.finding.Status;
import upshot.core.house.SpeedSchool;

/** Slow motion twice running where it should stay an event, or one speed for too long where speeds should change. */
final class SpeedRun implements JointRule {

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
    public Sees sees() {
        return Sees.PAST;
    }

    /** Far enough to tell a run that has just become too long from one that has been. */
    @Override
    public int looksBackTo(PaperCut cut, int joint) {
        int index = joint;
        if (cut.plan().house().speed() == SpeedSchool.VARIED) {
            double speed = speed(cut, cut.into(joint));
            while (index >= 0
                    && joint + 1 - index <= UNCHANGED
                    && speed(cut, cut.uses().get(index)) == speed) {
                index--;
            }
        }
        return index;
    }

    @Override
    public Optional<Finding> judge(PaperCut cut, int joint) {
        return switch (cut.plan().house().speed()) {
            case SPARE -> twice(cut, joint);
            case VARIED -> unchanged(cut, joint);
            case HIGH_FOR_OPTIONS -> Optional.empty();
        };
    }

    private Optional<Finding> twice(PaperCut cut, int joint) {
        Placed out = cut.outOf(joint);
        Placed into = cut.into(joint);
        boolean slow = cut.playback(out).slow() && cut.playback(into).slow();
        if (!slow || out.action().equals(into.action())) {
            return Optional.empty();
        }
        return watch(
                out,
                into,
                new Measured(2, 1, "slow uses"),
                "Slow twice running.",
                "%s and %s are both slow and show two actions: slow motion stops being an event."
                        .formatted(out.shot().code(), into.shot().code()));
    }

    /** Said once, where the run has become too long. */
    private Optional<Finding> unchanged(PaperCut cut, int joint) {
        int run = joint + 1 - looksBackTo(cut, joint);
        return run != UNCHANGED
                ? Optional.empty()
                : watch(
                        cut.outOf(joint),
                        cut.into(joint),
                        new Measured(run, UNCHANGED - 1, "uses"),
                        "One speed for long.",
                        "%d uses in a row play at one speed; the school changes it more often.".formatted(run));
    }

    private static double speed(PaperCut cut, Placed placed) {
        return Math.abs(cut.playback(placed).speed());
    }

    private Optional<Finding> watch(Placed out, Placed into, Measured measured, String title, String why) {
        return Optional.of(new Finding(
                id(), Status.WATCH, List.of(out.use().id(), into.use().id()), title, measured, why, List.<Mend>of()));
    }
}
