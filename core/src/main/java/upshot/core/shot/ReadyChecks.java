package upshot.core.shot;

import java.util.ArrayList;
import java.util.List;
import upshot.core.ground.Stand;
import upshot.core.plan.Action;
import upshot.core.plan.Around;
import upshot.core.plan.Body;
import upshot.core.plan.Consent;
import upshot.core.plan.Shot;
import upshot.core.plan.Support;
import upshot.core.size.SubjectKind;

/** What to look at before a shot is rolled, put together from what it uses. */
public final class ReadyChecks {

    private ReadyChecks() {}

    private static final double BACK_DEG = 60;

    /** Short lines, the support's own first, and what is done afterwards last. */
    public static List<String> of(Around plan, Shot shot) {
        List<String> checks = new ArrayList<>(before(plan, shot));
        checks.add("Afterwards: card copied twice and verified before it is formatted");
        return checks;
    }

    /** Those that are looked at before it rolls. */
    public static List<String> before(Around plan, Shot shot) {
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
        checks.addAll(held(plan));
        checks.addAll(AskedByTheCut.of(plan, shot));
        if (FilmsAlone.inFrontOfIt(plan, shot)) {
            checks.add("Focus on a mark where you will be, start it, walk in, look at the take afterwards");
        }
        if (shot.cleanPlate()) {
            checks.add("Once more with nothing in it, the camera untouched (clean plate)");
        }
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
        return checks;
    }

    /** How the first body is held and what it must not do by itself. */
    private static List<String> held(Around plan) {
        Body body = plan.bodies().get(0);
        List<String> checks = new ArrayList<>();
        if (plan.brief().aspect().ratio() < 1) {
            checks.add(
                    body.portrait()
                            ? "Camera turned upright"
                            : "Framed for the upright middle of the picture (%s)"
                                    .formatted(plan.brief().aspect()));
        }
        if (body.variableRate()) {
            checks.add("Rate locked on the %s, not varying".formatted(body.name()));
        }
        return checks;
    }

    /** A person's face, and not hands, feet or a back. */
    public static boolean showsAFace(Around plan, Shot shot) {
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
