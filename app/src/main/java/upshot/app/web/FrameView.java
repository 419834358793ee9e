package upshot.app.web;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.List;
import java.util.function.Function;
import upshot.core.finding.Wording;
import upshot.core.frame.DrawnFrame;
import upshot.core.ground.Stand;
import upshot.core.house.Threshold;
import upshot.core.plan.Action;
import upshot.core.plan.Body;
import upshot.core.plan.Brief;
import upshot.core.plan.Lens;
import upshot.core.plan.Mode;
import upshot.core.plan.Performer;
import upshot.core.plan.Plan;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Shot;
import upshot.core.plan.Spot;
import upshot.core.plan.Subject;
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
        return of(verdict, shot, LateDrawing::whole);
    }

    /** The same without its drawing, for what is far outside the window. */
    public static FrameView undrawn(Verdict verdict, Shot shot) {
        return of(verdict, shot, drawing -> "");
    }

    /** The same with an empty frame that the page's script fills: hundreds of drawings would hold up the words. */
    public static FrameView late(Verdict verdict, Shot shot) {
        return of(verdict, shot, drawing -> drawing.empty(shot.id()));
    }

    /** The same with a place that paper is drawn into. */
    public static FrameView onPaper(Verdict verdict, Shot shot) {
        Plan plan = verdict.plan();
        String spoken = spoken(verdict, shot, caption(verdict, shot));
        String place =
                FrameSvg.place(shot.id().toString(), plan.brief().aspect().ratio(), spoken);
        return of(verdict, shot, place);
    }

    /** The drawing of a shot, to be sent after its page. */
    public static LateDrawing drawing(Verdict verdict, Shot shot) {
        return drawn(verdict.plan(), shot, spoken(verdict, shot, caption(verdict, shot)));
    }

    private static String caption(Verdict verdict, Shot shot) {
        return "%s, %s, %s mm"
                .formatted(
                        shot.size().label(),
                        verdict.numbers().get(shot.id()).stand().height(shot).label(),
                        Wording.number(shot.focalLengthMm(), 0));
    }

    private static String spoken(Verdict verdict, Shot shot, String caption) {
        return "%s %s: %s, %s"
                .formatted(
                        shot.code(),
                        verdict.plan().actionOf(shot).name(),
                        caption,
                        Stand.travel(verdict.plan(), shot, false).label());
    }

    private static FrameView of(Verdict verdict, Shot shot, Function<LateDrawing, String> shown) {
        String spoken = spoken(verdict, shot, caption(verdict, shot));
        return of(verdict, shot, shown.apply(drawn(verdict.plan(), shot, spoken)));
    }

    private static FrameView of(Verdict verdict, Shot shot, String svg) {
        String caption = caption(verdict, shot);
        return new FrameView(
                shot.id().toString(),
                shot.code(),
                verdict.plan().actionOf(shot).name(),
                shot.size().sizeClass().label(),
                shot.size().label(),
                caption,
                spoken(verdict, shot, caption),
                svg,
                Verdict.status(verdict.findingsOf(shot)).label());
    }

    /**
     * Everything that a drawn frame is made from. The same records are meant: plans hand the ones that are left alone on to the
     * plan after an edit, and to look through every field of each, for hundreds of frames on a page, takes longer than a
     * drawing that is made twice after a start.
     */
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
            double neutralDeg) {

        @Override
        public boolean equals(Object other) {
            return other instanceof Drawing that
                    && shot == that.shot
                    && action == that.action
                    && subject == that.subject
                    && spot == that.spot
                    && brief == that.brief
                    && neutralDeg == that.neutralDeg
                    && spoken.equals(that.spoken)
                    && performers.equals(that.performers)
                    && subjects.equals(that.subjects)
                    && bodies.equals(that.bodies)
                    && modes.equals(that.modes)
                    && lenses.equals(that.lenses);
        }

        @Override
        public int hashCode() {
            return 31 * System.identityHashCode(shot) + spoken.hashCode();
        }
    }

    /** An edit changes one frame of hundreds: the others are kept, whichever job they belong to. */
    private static final Cache<Drawing, LateDrawing> DRAWN =
            Caffeine.newBuilder().maximumSize(4000).build();

    private static LateDrawing drawn(Plan plan, Shot shot, String spoken) {
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
                plan.list(RecordKind.MODE),
                plan.lenses(),
                plan.threshold(Threshold.NEUTRAL_WITHIN));
        return DRAWN.get(from, missing -> LateDrawing.of(FrameSvg.render(DrawnFrame.of(plan, shot), spoken)));
    }
}
