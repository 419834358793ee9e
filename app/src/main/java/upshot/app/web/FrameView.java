package upshot.app.web;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.List;
import upshot.core.finding.Say;
import upshot.core.frame.DrawnFrame;
import upshot.core.house.Threshold;
import upshot.core.plan.Action;
import upshot.core.plan.Body;
import upshot.core.plan.Brief;
import upshot.core.plan.Kind;
import upshot.core.plan.Lens;
import upshot.core.plan.Mode;
import upshot.core.plan.Performer;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.plan.Spot;
import upshot.core.plan.Subject;
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
        return of(verdict, shot, true);
    }

    /** The same without its drawing, for what is far outside the window. */
    public static FrameView undrawn(Verdict verdict, Shot shot) {
        return of(verdict, shot, false);
    }

    private static FrameView of(Verdict verdict, Shot shot, boolean withDrawing) {
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
                withDrawing ? drawn(verdict.plan(), shot, spoken) : "",
                Verdict.status(verdict.findingsOf(shot)).label());
    }

    /** Everything that a drawn frame is made from. */
    private record Drawing(
            Shot shot,
            String spoken,
            Action action,
            Subject subject,
            List<Performer> performers,
            List<Subject> subjects,
            Spot spot,
            Brief brief,
            List<Body> bodies,
            List<Mode> modes,
            List<Lens> lenses,
            double neutralDeg) {}

    /** An edit changes one frame of hundreds: the others are kept, whichever job they belong to. */
    private static final Cache<Drawing, String> DRAWN =
            Caffeine.newBuilder().maximumSize(4000).build();

    private static String drawn(Plan plan, Shot shot, String spoken) {
        Action action = plan.actionOf(shot);
        List<Performer> performers = plan.performersOf(action);
        Drawing from = new Drawing(
                shot,
                spoken,
                action,
                plan.subjectOf(shot),
                performers,
                performers.isEmpty() ? List.of() : plan.subjects(),
                plan.spotOf(action),
                plan.brief(),
                plan.bodies(),
                plan.list(Kind.MODE),
                plan.lenses(),
                plan.threshold(Threshold.NEUTRAL_WITHIN));
        return DRAWN.get(from, missing -> FrameSvg.render(DrawnFrame.of(plan, shot), spoken));
    }
}
