package upshot.core.shot;

import java.util.ArrayList;
import java.util.List;
import upshot.core.ground.Stand;
import upshot.core.plan.Action;
import upshot.core.plan.Around;
import upshot.core.plan.Consent;
import upshot.core.plan.Shot;
import upshot.core.plan.Support;
import upshot.core.size.SubjectKind;

/** What to look at before a shot is rolled, put together from what it uses. */
public final class ReadyChecks {

    private ReadyChecks() {}

    private static final double BACK_DEG = 60;

    /** Short lines, the support's own first. */
    public static List<String> of(Around plan, Shot shot) {
        Action action = plan.actionOf(shot);
        List<String> checks = new ArrayList<>(support(shot.support()));
        if (showsAFace(plan, shot) && plan.subjectOf(shot).consent() != Consent.GIVEN) {
            checks.add("Ask %s for consent: it is still open"
                    .formatted(plan.subjectOf(shot).name()));
        }
        checks.add("Lens and %s cleaned".formatted(action.hasThing() ? action.thing() : "thing"));
        checks.add("Horizon, focus, exposure and white balance locked, none of them searching");
        checks.add("%s frames, shutter %s".formatted(shot.captureRate().label(), Exposing.shutter(plan, shot)));
        checks.add("Exposed to a healthy level, even for a dark look");
        if (plan.brief().aspect().ratio() < 1) {
            checks.add("Camera turned upright");
        }
        checks.addAll(AskedByTheCut.of(plan, shot));
        if (shot.lampsOff()) {
            checks.add("Lamps off");
        }
        checks.add(
                switch (shot.frameUse()) {
                    case STAYS -> "Empty seconds at both ends";
                    case ENTERS -> "The empty frame for a second before it comes in";
                    case LEAVES -> "The empty frame for a second after it has gone";
                    case PASSES, STEPS_OVER -> "The empty frame for a second before and after";
                });
        checks.add(
                action.sound().isEmpty()
                        ? "Sound: levels, wind, traffic"
                        : "Sound: levels, wind, traffic; record %s".formatted(action.sound()));
        checks.add("Afterwards: card copied twice and verified before it is formatted");
        return checks;
    }

    /** A person's face, and not hands, feet or a back. */
    static boolean showsAFace(Around plan, Shot shot) {
        boolean fromBehind = shot.bearingDeg() > 180 - BACK_DEG && shot.bearingDeg() < 180 + BACK_DEG;
        return plan.subjectOf(shot).kind() == SubjectKind.PERSON
                && !Stand.of(plan, shot).aim().faceless()
                && !fromBehind;
    }

    private static List<String> support(Support support) {
        return switch (support) {
            case GIMBAL -> List.of("Balanced on all three axes with the motors off", "Walk heel to toe, knees soft");
            case HAND_HELD, SHOULDER ->
                List.of("Elbows in, turn the body and not the hands", "Brace on something for details");
            case TRIPOD, GROUND -> List.of("Level, nothing loose");
            case SLIDER -> List.of("Level, nothing loose, in and out points set");
            case OVERHEAD -> List.of("Secondary fixing on, nobody under it");
            case MOUNT -> List.of("Tied twice, checked after the first metres", "The driver only drives");
            case DRONE -> List.of("Air space and batteries looked at by the pilot", "Nobody under it");
            case TURNTABLE -> List.of("Level, turns without a wobble");
        };
    }
}
