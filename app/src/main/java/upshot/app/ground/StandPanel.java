package upshot.app.ground;

import java.util.List;
import upshot.app.web.FindingView;
import upshot.app.web.FrameView;
import upshot.core.finding.Wording;
import upshot.core.ground.FloorPlan;
import upshot.core.ground.Glass;
import upshot.core.ground.Place;
import upshot.core.ground.Skyline;
import upshot.core.ground.Stand;
import upshot.core.ground.Standpoint;
import upshot.core.light.SunAt;
import upshot.core.light.SunOnView;
import upshot.core.measure.Degrees;
import upshot.core.plan.Action;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.shot.OnTheGround;
import upshot.core.verdict.Verdict;

/**
 * A camera of the plan, beside the drawing.
 *
 * @param facts where it stands and with what
 * @param placed whether its action is on the plan
 * @param frames all pictures of the action
 * @param sun what it does in this picture, empty where that is not known
 * @param hours from which side it comes at which hours of the day that is shown
 * @param room what the light of windows does, empty where none are drawn
 */
record StandPanel(
        String id,
        String code,
        String actionId,
        String action,
        String facts,
        boolean placed,
        List<FrameView> frames,
        List<FindingView> findings,
        String sun,
        List<SunView.Hours> hours,
        String room) {

    static StandPanel of(Verdict verdict, Shot shot, SunView view) {
        Plan plan = verdict.plan();
        Action action = plan.actionOf(shot);
        Stand stand = Stand.of(plan, shot);
        return new StandPanel(
                shot.id().toString(),
                shot.code(),
                action.id().toString(),
                action.name(),
                "%s, %s: %s away, %s, lens at %s"
                                .formatted(
                                        Wording.capital(Wording.place(shot.bearingDeg())),
                                        Glass.of(plan, shot)
                                                .map(lens -> lens.name())
                                                .orElse(Wording.number(shot.focalLengthMm(), 0) + " mm"),
                                        Wording.metres(stand.groundDistanceM()),
                                        shot.size().label(),
                                        Wording.metres(shot.cameraHeightM()))
                        + level(plan, shot),
                Place.of(plan, action).isPresent(),
                plan.shotsOf(action).stream()
                        .map(one -> FrameView.of(verdict, one))
                        .toList(),
                OnTheGround.of(plan, shot, verdict.findingsOf(shot)).stream()
                        .map(FindingView::of)
                        .toList(),
                view.sun()
                        .filter(one -> one.up() && plan.spotOf(action).outdoors())
                        .map(one -> words(plan, action, shot, one))
                        .orElse(""),
                view.hours(shot),
                RoomLight.words(plan, shot));
    }

    /** How much higher or lower than its subject it stands, where the plan has a stage or a landing. */
    private static String level(Plan plan, Shot shot) {
        return Standpoint.of(plan, shot)
                .map(camera -> camera.plan().levelM(camera.at())
                        - camera.plan().levelM(camera.subject().at()))
                .filter(higher -> Math.abs(higher) > 0.01)
                .map(higher -> ", stands %s %s: %s above its own floor"
                        .formatted(
                                Wording.metres(Math.abs(higher)),
                                higher > 0 ? "higher" : "lower",
                                Wording.metres(shot.cameraHeightM() - higher)))
                .orElse("");
    }

    private static String words(Plan plan, Action action, Shot shot, SunAt sun) {
        boolean shade = Place.of(plan, action)
                .filter(place -> new Skyline(FloorPlan.of(plan, plan.spotOf(action)), place.at())
                        .hides(sun.altitudeDeg(), sun.towardsDeg()))
                .isPresent();
        if (shade) {
            return "%s: %s lies in the shade.".formatted(sun.words(), action.name());
        }
        double camera = Place.directionDeg(plan, action) + shot.bearingDeg();
        double off = Degrees.wrap(sun.towardsDeg() - camera);
        double offView = 180 - Math.min(off, 360 - off);
        String side = offView <= SunOnView.BACK_WITHIN_DEG
                ? "behind the subject"
                : offView <= SunOnView.SIDE_WITHIN_DEG ? "from the side" : "in front, behind the camera";
        return "%s: %s for %s.".formatted(sun.words(), side, shot.code());
    }
}
