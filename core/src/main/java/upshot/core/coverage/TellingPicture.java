package upshot.core.coverage;

import upshot.core.ground.AimedAt.Part;
import upshot.core.ground.Stand;
import upshot.core.plan.Action;
import upshot.core.plan.Around;
import upshot.core.plan.Focus;
import upshot.core.plan.Givens;
import upshot.core.plan.Shot;
import upshot.core.size.Size;
import upshot.core.size.SizeClass;
import upshot.core.size.SubjectKind;

/**
 * Whether a picture shows what its action is about: hands and things in a detail of them or in a medium that has them in
 * the frame, a face from medium on, feet and wheels in a full or in their detail, a body or a place in anything but a
 * detail. A thing that is its action's whole subject is told by any picture of it. What nobody has said is not asked.
 */
final class TellingPicture {

    private static final double WALKING_MPS = 2;

    private TellingPicture() {}

    static boolean is(Around plan, Shot shot) {
        Action action = plan.actionOf(shot);
        if (shot.subjectId().isPresent() && !shot.subjectId().get().equals(action.subjectId())) {
            return false;
        }
        Part part = Stand.of(plan, shot).aim().part();
        boolean detail = shot.size().sizeClass() == SizeClass.DETAIL;
        boolean itself = action.focus() == Focus.THING && !action.hasThing() && thing(plan, action);
        return itself
                || switch (action.focus()) {
                    case UNSAID -> true;
                    case HANDS, THING ->
                        detail ? part == Part.HANDS || part == Part.THING : showsHands(plan, action, shot);
                    case FACE -> !faceless(part) && shot.size().compareTo(Size.MEDIUM) >= 0;
                    case FEET, WHEELS ->
                        detail
                                ? part == Part.FEET || part == Part.WHEELS
                                : shot.size().fullOrWider();
                    case BODY, PLACE -> !detail;
                };
    }

    private static boolean faceless(Part part) {
        return part != Part.WHOLE && part != Part.FACE;
    }

    /** A medium close of a person ends above the hands; of a thing, or aimed at it, it shows them. */
    private static boolean showsHands(Around plan, Action action, Shot shot) {
        boolean mid = shot.size().sizeClass() == SizeClass.MID;
        boolean aimed = faceless(Stand.of(plan, shot).aim().part());
        return mid && (shot.size() != Size.MEDIUM_CLOSE || aimed || thing(plan, action));
    }

    private static boolean thing(Givens plan, Action action) {
        return plan.subjectOf(action).kind() == SubjectKind.OBJECT;
    }

    /** The class of picture that tells an action most simply. */
    static SizeClass sizeClass(Action action) {
        return switch (action.focus()) {
            case HANDS, THING -> SizeClass.DETAIL;
            // A detail of what is quicker than a walk is gone before it is seen.
            case FEET, WHEELS -> action.speedMps() > WALKING_MPS ? SizeClass.WIDE : SizeClass.DETAIL;
            case FACE, UNSAID -> SizeClass.MID;
            case BODY, PLACE -> SizeClass.WIDE;
        };
    }
}
