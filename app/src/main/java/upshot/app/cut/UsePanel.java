package upshot.app.cut;

import java.util.List;
import upshot.app.web.FieldView;
import upshot.app.web.FrameView;
import upshot.core.cut.PaperCut.Placed;
import upshot.core.finding.Say;
import upshot.core.plan.Brief;
import upshot.core.time.Playback;
import upshot.core.verdict.Verdict;

/**
 * The panel of one use.
 *
 * @param place the first is 1
 * @param facts where it lies and how it plays
 */
record UsePanel(String id, int place, FrameView frame, String facts, List<FieldView> fields) {

    static UsePanel of(Verdict verdict, Placed placed) {
        Brief brief = verdict.plan().brief();
        return new UsePanel(
                placed.use().id().toString(),
                placed.index() + 1,
                FrameView.of(verdict, placed.shot()),
                "From %s s to %s s, %s."
                        .formatted(
                                Say.number(brief.rate().secondsOf(placed.startFrame()), 2),
                                Say.number(brief.rate().secondsOf(placed.endFrame()), 2),
                                playback(verdict, placed).label()),
                List.of(
                        FieldView.number(placed.use(), "frames", "Length", "frames"),
                        FieldView.number(placed.use(), "frameStep", "Playback", "× frame for frame"),
                        FieldView.number(placed.use(), "inS", "Begins at", "s of the hold"),
                        FieldView.choice(placed.use(), "entry", "Joint into it"),
                        FieldView.number(placed.use(), "joinFrames", "Transition", "frames")));
    }

    static Playback playback(Verdict verdict, Placed placed) {
        return Playback.of(
                placed.use().frameStep(),
                verdict.plan().brief().rate(),
                placed.shot().captureRate());
    }
}
