package upshot.app.cut;

import java.util.List;
import upshot.app.web.FieldView;
import upshot.app.web.FrameView;
import upshot.core.cut.PaperCut;
import upshot.core.cut.PaperCut.Placed;
import upshot.core.finding.Wording;
import upshot.core.plan.Brief;
import upshot.core.verdict.Verdict;

/**
 * The panel of one use.
 *
 * @param place the first is 1
 * @param facts where it lies and how it plays
 * @param seconds what of the shot it shows
 */
record UsePanel(String id, int place, FrameView frame, String facts, String seconds, List<FieldView> fields) {

    static UsePanel of(Verdict verdict, Placed placed) {
        Brief brief = verdict.plan().brief();
        return new UsePanel(
                placed.use().id().toString(),
                placed.index() + 1,
                FrameView.of(verdict, placed.shot()),
                "From %s s to %s s, %s."
                        .formatted(
                                Wording.number(brief.rate().secondsOf(placed.startFrame()), 2),
                                Wording.number(brief.rate().secondsOf(placed.endFrame()), 2),
                                placed.picture().playback().label()),
                shows(verdict, placed),
                List.of(
                        FieldView.number(placed.use(), "frames", "Length", "frames"),
                        FieldView.number(placed.use(), "frameStep", "Playback", "× frame for frame"),
                        FieldView.number(placed.use(), "inS", "Begins at", "s of the hold"),
                        FieldView.choice(placed.use(), "entry", "Joint into it"),
                        FieldView.number(placed.use(), "joinFrames", "Transition", "frames"),
                        FieldView.check(placed.use(), "pinned", "Stays when a cut is arranged"),
                        FieldView.number(placed.use(), "cropZoom", "Crop", "×"),
                        FieldView.number(placed.use(), "cropAcross", "Crop left −1, right 1", ""),
                        FieldView.number(placed.use(), "cropDown", "Crop up −1, down 1", ""),
                        FieldView.check(placed.use(), "flipped", "Left and right exchanged, writing too")));
    }

    /** What it takes of the clean seconds that are planned, and whether it fits into them. */
    private static String shows(Verdict verdict, Placed placed) {
        PaperCut cut = verdict.cut();
        double real = placed.picture().realS();
        double clean = verdict.numbers().get(placed.shot().id()).hold().cleanS();
        if (placed.use().still()) {
            return "One picture of the %s s planned.".formatted(Wording.number(clean, 1));
        }
        String span = placed.use()
                .inS()
                .map(in -> in + real > clean + 1e-9
                        ? "seconds %s to %s, past the end of the %s planned"
                                .formatted(
                                        Wording.number(in, 2), Wording.number(in + real, 2), Wording.number(clean, 1))
                        : "seconds %s to %s of the %s planned"
                                .formatted(
                                        Wording.number(in, 2), Wording.number(in + real, 2), Wording.number(clean, 1)))
                .orElseGet(() -> "%s of the %s s planned, wherever they are best"
                        .formatted(Wording.number(real, 2), Wording.number(clean, 1)));
        return "Shows " + span + ".";
    }
}
