package upshot.core.ground;

import java.util.Optional;
import upshot.core.plan.Action;
import upshot.core.plan.Focus;
import upshot.core.plan.Shot;
import upshot.core.plan.Subject;
import upshot.core.size.Extent;
import upshot.core.size.Framing;
import upshot.core.size.Size;
import upshot.core.size.SizeClass;
import upshot.core.size.SubjectKind;

/**
 * What a shot is aimed at, and how much a detail of it shows where that is not given: hands at work 0.45 m, feet 0.35,
 * wheels 0.9, a thing 1.3 times its height; an extreme close-up half of that. Hands are at 0.58 of a person's height and
 * 0.35 m in front, on the thing where there is one; feet at 0.05, wheels at 0.35 m. Whole and face go by the size.
 *
 * @param part of the subject
 * @param aheadM in front of the subject's middle, along its own direction, metres
 * @param heightM above the floor; none where the size says it
 * @param frameM the height of the frame there; none where the size says it
 */
public record AimedAt(Part part, double aheadM, Optional<Double> heightM, Optional<Double> frameM) {

    /** How far in front of a person's middle hands and what they hold are, metres. */
    public static final double IN_HAND_M = 0.35;

    private static final double HANDS_AT = 0.58;
    private static final double HANDS_FRAME_M = 0.45;
    private static final double FEET_AT = 0.05;
    private static final double FEET_FRAME_M = 0.35;
    private static final double WHEELS_AT_M = 0.35;
    private static final double WHEELS_FRAME_M = 0.9;
    private static final double EXTREME = 0.5;

    /** What is aimed at. */
    public enum Part {
        WHOLE,
        FACE,
        HANDS,
        THING,
        FEET,
        WHEELS
    }

    static AimedAt of(Shot shot, Action action, Subject subject, Extent extent) {
        Part part = part(shot, action, subject);
        boolean person = extent.person();
        double ahead = person ? IN_HAND_M : 0;
        double tall = extent.topM() - extent.baseM();
        Optional<Double> thing =
                action.hasThing() ? Optional.of(action.thingBaseM() + action.thingHeightM() / 2) : Optional.empty();
        return switch (part) {
            case WHOLE, FACE -> new AimedAt(part, 0, Optional.empty(), Optional.empty());
            case HANDS -> framed(shot, part, ahead, thing.orElse(extent.baseM() + HANDS_AT * tall), HANDS_FRAME_M);
            case THING ->
                framed(
                        shot,
                        part,
                        ahead,
                        thing.orElse(extent.middleM()),
                        Framing.insertHeightM(thingM(action, extent)));
            case FEET -> framed(shot, part, 0, extent.baseM() + FEET_AT * tall, FEET_FRAME_M);
            case WHEELS -> framed(shot, part, 0, extent.baseM() + WHEELS_AT_M, WHEELS_FRAME_M);
        };
    }

    private static AimedAt framed(Shot shot, Part part, double aheadM, double heightM, double frameM) {
        double share = shot.size() == Size.EXTREME_CLOSE_UP ? EXTREME : 1;
        boolean detail = shot.size().sizeClass() == SizeClass.DETAIL;
        return new AimedAt(part, aheadM, Optional.of(heightM), detail ? Optional.of(share * frameM) : Optional.empty());
    }

    private static double thingM(Action action, Extent extent) {
        return action.hasThing() ? action.thingHeightM() : extent.heightM();
    }

    private static Part part(Shot shot, Action action, Subject subject) {
        return switch (shot.aim()) {
            case WHOLE -> Part.WHOLE;
            case FACE -> Part.FACE;
            case HANDS -> Part.HANDS;
            case THING -> Part.THING;
            case FEET -> Part.FEET;
            case UNSAID -> shot.size().sizeClass() == SizeClass.DETAIL ? detail(shot, action, subject) : Part.WHOLE;
        };
    }

    private static Part detail(Shot shot, Action action, Subject subject) {
        return switch (focus(action, subject)) {
            case HANDS -> Part.HANDS;
            case THING -> Part.THING;
            case FEET -> Part.FEET;
            case WHEELS -> Part.WHEELS;
            case FACE, BODY, PLACE -> Part.WHOLE;
            case UNSAID ->
                shot.size() != Size.INSERT
                        ? Part.WHOLE
                        : action.hasThing() || subject.kind() == SubjectKind.OBJECT ? Part.THING : Part.HANDS;
        };
    }

    /** What an action is about; a feature is about itself. */
    private static Focus focus(Action action, Subject subject) {
        boolean itself = action.focus() == Focus.THING && subject.kind() == SubjectKind.OBJECT && !action.hasThing();
        return itself || action.feature() && action.focus() != Focus.UNSAID ? Focus.PLACE : action.focus();
    }

    /** Whether it is a part that has no face in it. */
    public boolean faceless() {
        return part != Part.WHOLE && part != Part.FACE;
    }
}
