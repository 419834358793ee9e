package upshot.app.coverage;

import java.util.List;
import upshot.app.web.FieldView;
import upshot.app.web.FindingView;
import upshot.app.web.FrameView;
import upshot.core.finding.Status;
import upshot.core.plan.Caution;
import upshot.core.plan.Shot;
import upshot.core.shot.RaisedCautions;
import upshot.core.shot.ShotNumbers;
import upshot.core.verdict.Verdict;
import upshot.exchange.svg.DepthBarSvg;

/**
 * What is looked at and decided most often about one shot: the panel beside the grid, and the head of its own page.
 *
 * @param findings breaks first
 * @param depthBar what is sharp, drawn along the line of sight
 * @param figures where to stand and how long to roll
 * @param heights buttons that bring the camera to a usual height
 * @param size which size it is
 * @param fields what else is decided most often
 */
record ShotPanel(
        FrameView frame,
        List<FindingView> findings,
        List<Caution> cautions,
        String depthBar,
        List<ShotFigures.Figure> figures,
        FieldView size,
        Segments heights,
        Dial dial,
        List<FieldView> fields) {

    static ShotPanel of(Verdict verdict, Shot shot) {
        ShotNumbers numbers = verdict.numbers().get(shot.id());
        return new ShotPanel(
                FrameView.of(verdict, shot),
                verdict.findingsOf(shot).stream()
                        .filter(finding -> finding.status() != Status.CLEAR)
                        .map(FindingView::of)
                        .toList(),
                RaisedCautions.of(verdict.plan(), shot).tags(),
                DepthBarSvg.render(
                        numbers.stand().distanceM(),
                        numbers.depth().nearM(),
                        numbers.depth().farM(),
                        numbers.stand().distanceM()
                                + verdict.plan()
                                        .spotOf(verdict.plan().actionOf(shot))
                                        .backdropM(),
                        "What is sharp along the line of sight"),
                ShotFigures.first(verdict.plan(), shot, numbers),
                ShotFields.size(shot),
                Segments.heights(shot, numbers.stand()),
                Dial.of(verdict.plan(), shot, numbers.stand()),
                ShotFields.besideSize(verdict.plan(), shot));
    }
}
