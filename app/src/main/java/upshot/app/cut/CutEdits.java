package upshot.app.cut;

import java.math.RoundingMode;
import java.util.Map;
import upshot.app.web.Arguments;
import upshot.core.cut.PaperCut;
import upshot.core.cut.PaperCut.Placed;
import upshot.core.plan.InvalidField;
import upshot.core.plan.Plan;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Use;
import upshot.core.time.BeatGrid;

/** What the gestures on the score have in common: the use that is meant, and the grid on which its end may fall. */
final class CutEdits {

    private static final double USUAL_S = 1.5;

    private CutEdits() {}

    /** How long a use is that is put in by hand. */
    static int usualFrames(Plan plan) {
        return (int) plan.brief().rate().framesIn(USUAL_S, RoundingMode.HALF_EVEN);
    }

    static Placed placed(Plan plan, Arguments arguments) {
        return placed(PaperCut.of(plan), arguments.chosen(plan, RecordKind.USE, "id"));
    }

    static Placed placed(PaperCut cut, Use use) {
        return cut.uses().stream()
                .filter(one -> one.use().equals(use))
                .findFirst()
                .orElseThrow();
    }

    static BeatGrid.Step snap(Map<String, String> sent) {
        return new Arguments(sent).choice("snap", BeatGrid.Step.HALF);
    }

    /** The next place of the grid after a frame, or the last one before it. */
    static long next(Plan plan, BeatGrid.Step snap, long frame, boolean later) {
        if (snap == BeatGrid.Step.FRAME) {
            return frame + (later ? 1 : -1);
        }
        BeatGrid grid = BeatGrid.of(
                plan, snap, frame + 10 * Math.round(plan.brief().rate().perSecond()));
        return later ? grid.after(frame) : grid.before(frame);
    }

    /**
     * A frame that the page names.
     *
     * @throws InvalidField when it is none
     */
    static long frame(Arguments arguments, String name) {
        double frame = arguments.number(name, Double.NaN);
        if (frame != Math.rint(frame) || Math.abs(frame) > 10_000_000) {
            throw new InvalidField(name, "“%s” is no frame.".formatted(arguments.text(name)));
        }
        return (long) frame;
    }
}
