package upshot.core.coverage;

import java.util.ArrayList;
import java.util.List;
import upshot.core.finding.Finding;
import upshot.core.finding.Wording;
import upshot.core.ground.Stand;
import upshot.core.light.SunOnView;
import upshot.core.plan.Action;
import upshot.core.plan.Line;
import upshot.core.plan.Move;
import upshot.core.plan.MoveReason;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.plan.Viewpoint;
import upshot.core.shot.Room;
import upshot.core.shot.ShotRule;

/** Says why a proposed shot is as it is: its side, its lens and room, its height, and what is still wrong with it. */
final class FillReason {

    private FillReason() {}

    /**
     * @param before without the shot
     * @param plan with the shot in it
     */
    static String of(Plan before, Plan plan, Shot shot) {
        Action action = plan.actionOf(shot);
        Stand stand = Stand.of(plan, shot);
        List<String> reasons = new ArrayList<>();
        if (action.line() != Line.NONE) {
            reasons.add("keeps %s".formatted(action.side().label()));
        }
        reasons.add("%s mm stands %s back, the room gives %s"
                .formatted(
                        Wording.number(shot.focalLengthMm(), 0),
                        Wording.metres(stand.groundDistanceM()),
                        Wording.metres(Room.onThatSideM(plan, shot))));
        reasons.add("the camera is %s%s"
                .formatted(HeightWords.said(stand.height(shot)), new Spread(before, action).adds(shot)));
        if (shot.viewpoint() == Viewpoint.OVER_SHOULDER) {
            reasons.add("over the shoulder onto what the hands do");
        }
        SunOnView.of(plan, shot)
                .filter(sun -> sun.from() == SunOnView.From.BEHIND || sun.from() == SunOnView.From.SIDE)
                .ifPresent(sun ->
                        reasons.add("%s at that hour".formatted(sun.from().label())));
        if (shot.captureRate().compareTo(plan.brief().rate()) > 0) {
            reasons.add("%s frames: %s"
                    .formatted(
                            shot.captureRate().label(),
                            action.quick()
                                    ? "it is brief, fast or liquid"
                                    : plan.house().speed().label()));
        }
        if (shot.foreground()) {
            reasons.add("past something in the foreground, the beat has none");
        }
        if (shot.reason() == MoveReason.REVEALS) {
            reasons.add("it moves, so that the beat has two ways to begin or end");
        }
        if (shot.move() == Move.FOLLOW) {
            reasons.add("followed, because a still frame is crossed too soon");
        }
        List<String> wrong =
                ShotRule.judgeAll(plan, shot).stream().map(Finding::title).toList();
        if (!wrong.isEmpty()) {
            reasons.add("still to mend: %s".formatted(String.join(" ", wrong).replaceFirst("\\.$", "")));
        }
        return String.join("; ", reasons) + ".";
    }
}
