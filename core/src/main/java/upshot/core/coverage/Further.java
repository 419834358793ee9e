package upshot.core.coverage;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import upshot.core.plan.Action;
import upshot.core.plan.Focus;
import upshot.core.plan.Plan;
import upshot.core.size.SizeClass;
import upshot.core.size.SubjectKind;

/**
 * What could be planned beyond what is missing, so that an editor has a choice: a second picture of each action, then a
 * third, each of a size that is not there, until the plan holds half as much again as the promo can.
 */
final class Further {

    private static final double SPARE = 1.5;

    private Further() {}

    static boolean hasRoom(Plan plan) {
        return plan.shots().size() < SPARE * Coverage.promoHolds(plan);
    }

    /** The actions with the fewest pictures first. */
    static List<Hole> of(Plan plan) {
        Shown shown = new Shown(plan, shot -> true);
        List<Hole> further = new ArrayList<>();
        List<Action> actions = shown.happening().stream()
                .filter(action -> !action.onePicture() && !itself(plan, action))
                .sorted(Comparator.comparingInt(action -> plan.shotsOf(action).size()))
                .toList();
        for (int pictures = 2; pictures <= SizeClass.values().length; pictures++) {
            for (Action action : actions) {
                int there = plan.shotsOf(action).size();
                if (there < pictures && pictures <= shown.owed(action)) {
                    size(plan, action, pictures - there - 1).ifPresent(further::add);
                }
            }
        }
        return further;
    }

    /** Of a thing to which something happens one picture says it all. */
    private static boolean itself(Plan plan, Action action) {
        return action.focus() == Focus.THING && plan.subjectOf(action).kind() == SubjectKind.OBJECT;
    }

    /** The next size that is missing, from the one that tells an action most simply outwards. */
    private static Optional<Hole> size(Plan plan, Action action, int nth) {
        List<SizeClass> order = switch (TellingPicture.sizeClass(action)) {
            case DETAIL ->
                action.focus() == Focus.THING
                        ? List.of(SizeClass.DETAIL, SizeClass.MID)
                        : List.of(SizeClass.DETAIL, SizeClass.MID, SizeClass.WIDE);
            case MID -> List.of(SizeClass.MID, SizeClass.DETAIL, SizeClass.WIDE);
            case WIDE -> List.of(SizeClass.WIDE, SizeClass.MID, SizeClass.DETAIL);
        };
        return order.stream()
                .filter(size -> plan.shotsOf(action).stream()
                        .noneMatch(shot -> shot.size().sizeClass() == size))
                .skip(nth)
                .findFirst()
                .map(size -> Hole.of(Hole.Want.SIZE, action.id(), size, "A second picture to cut to."));
    }
}
