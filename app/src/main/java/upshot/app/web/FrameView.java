package upshot.app.web;

import upshot.core.finding.Say;
import upshot.core.frame.DrawnFrame;
import upshot.core.plan.Action;
import upshot.core.plan.Shot;
import upshot.core.shot.ShotNumbers;
import upshot.core.shot.Stand;
import upshot.core.verdict.Verdict;
import upshot.exchange.svg.FrameSvg;

/**
 * A shot as pages show it.
 *
 * @param sizeClass wide, mid or detail, which decides the shape beside its code
 * @param caption size, height and lens in one line
 * @param spoken the same for those who cannot see the drawing, with the way it travels
 * @param svg the drawn frame, made from numbers only
 * @param status of its own findings
 */
public record FrameView(
        String id,
        String code,
        String action,
        String sizeClass,
        String size,
        String caption,
        String spoken,
        String svg,
        String status) {

    public static FrameView of(Verdict verdict, Shot shot) {
        Action action = verdict.plan().actionOf(shot);
        ShotNumbers numbers = verdict.numbers().get(shot.id());
        String caption = "%s, %s, %s mm"
                .formatted(
                        shot.size().label(), numbers.stand().height(shot).label(), Say.number(shot.focalLengthMm(), 0));
        String spoken = "%s %s: %s, %s"
                .formatted(
                        shot.code(),
                        action.name(),
                        caption,
                        Stand.travel(verdict.plan(), shot, false).label());
        return new FrameView(
                shot.id().toString(),
                shot.code(),
                action.name(),
                shot.size().sizeClass().label(),
                shot.size().label(),
                caption,
                spoken,
                FrameSvg.render(DrawnFrame.of(verdict.plan(), shot), spoken),
                Verdict.status(verdict.findingsOf(shot)).label());
    }
}
