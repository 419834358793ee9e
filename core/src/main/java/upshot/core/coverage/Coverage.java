package upshot.core.coverage;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import upshot.core.finding.Rule;
import upshot.core.finding.RuleCard;
import upshot.core.house.CoverageSchool;
import upshot.core.plan.Action;
import upshot.core.plan.Givens;
import upshot.core.plan.Plan;
import upshot.core.plan.Priority;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Shot;
import upshot.core.plan.Subject;

/**
 * What the school of coverage asks for by name and no shot gives. What the story cannot be told without, and a size that a
 * whole scene lacks, counts always; all else only while fewer pictures are planned than the promo can hold.
 */
public final class Coverage implements Rule {

    private static final int FEATURES = 3;

    @Override
    public String id() {
        return "coverage";
    }

    @Override
    public RuleCard card() {
        return RuleCard.of(
                "Coverage",
                "Each action is told, each scene has its sizes, there are ways in and out, and features of the place.",
                "What is missing cannot be cut to, and nobody notices before the edit.",
                RuleCard.Source.SCHOOL,
                RuleCard.Bound.of("features of the place", FEATURES, ""));
    }

    /** The holes of the whole plan in story order, wide before mid before detail. */
    public static List<Hole> holes(Plan plan) {
        boolean room = hasRoom(plan);
        return all(plan).stream()
                .filter(hole -> room || hole.want().alwaysCounts())
                .toList();
    }

    /** What could be added to what is no hole any more: with so many pictures planned it is an offer. */
    public static List<Hole> offers(Plan plan) {
        return hasRoom(plan)
                ? List.of()
                : all(plan).stream().filter(hole -> !hole.want().alwaysCounts()).toList();
    }

    static List<Hole> all(Plan plan) {
        return new Asked(plan, shot -> true).holes();
    }

    /** What is missing of an action and of all that a shot of it can change, whether it counts as a hole or not. */
    static List<Hole> around(Plan plan, Action action) {
        Set<UUID> together = Asked.together(plan, action);
        return new Asked(plan, shot -> true).holes(one -> together.contains(one.id()));
    }

    /** The holes of one action. */
    public static List<Hole> holes(Plan plan, Action action) {
        return holes(plan).stream()
                .filter(hole -> hole.actionId().equals(action.id()))
                .toList();
    }

    /** What would be missing without some shots, whether it counts as a hole or not. */
    public static List<Hole> without(Plan plan, List<Shot> gone) {
        List<Hole> already = all(plan);
        return new Asked(plan, shot -> !gone.contains(shot))
                .holes().stream().filter(hole -> !already.contains(hole)).toList();
    }

    /** How many features of the place nobody has written down or shows, while there is room for them. */
    public static int missingFeatures(Plan plan) {
        if (plan.house().coverage() == CoverageSchool.PRODUCT || plan.actions().isEmpty() || !hasRoom(plan)) {
            return 0;
        }
        long written = plan.actions().stream().filter(Action::feature).count();
        return (int) Math.max(0, FEATURES - written);
    }

    static boolean hasRoom(Plan plan) {
        return plan.shots().size() < promoHolds(plan);
    }

    /** How many pictures the promo can hold at the pace of the house; with music a picture lasts whole beats. */
    public static int promoHolds(Plan plan) {
        double pictureS = plan.house().pace().pictureS();
        double onTheBeat = plan.brief()
                .tempoBpm()
                .map(bpm -> 60 / bpm)
                .map(beatS -> Math.max(1, Math.round(pictureS / beatS)) * beatS)
                .orElse(pictureS);
        return (int) Math.max(1, Math.round(plan.brief().lengthS() / onTheBeat));
    }

    /** How many pictures must be shot. */
    public static long musts(Plan plan) {
        return plan.shots().stream()
                .filter(shot -> shot.priority() == Priority.MUST)
                .count();
    }

    /** Everybody who takes part, the action's own subject first. */
    public static List<Subject> performing(Givens plan, Action action) {
        List<Subject> all = new ArrayList<>(List.of(plan.subjectOf(action)));
        plan.performersOf(action).forEach(one -> all.add(plan.get(RecordKind.SUBJECT, one.subjectId())));
        return all.stream().distinct().toList();
    }
}
