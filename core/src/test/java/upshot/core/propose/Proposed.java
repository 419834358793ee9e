package upshot.core.propose;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.BiPredicate;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import upshot.core.arrange.Arrange;
import upshot.core.arrange.Manner;
import upshot.core.coverage.Fill;
import upshot.core.finding.Finding;
import upshot.core.finding.Status;
import upshot.core.ground.Stand;
import upshot.core.house.CoverageSchool;
import upshot.core.house.TellingSchool;
import upshot.core.order.DayPlan;
import upshot.core.order.ShootingOrder;
import upshot.core.plan.Action;
import upshot.core.plan.Aim;
import upshot.core.plan.Change;
import upshot.core.plan.Codes;
import upshot.core.plan.Plan;
import upshot.core.plan.Priority;
import upshot.core.plan.Shot;
import upshot.core.plan.StoryBeat;
import upshot.core.shot.ShotRule;
import upshot.core.size.CameraHeight;
import upshot.core.size.SizeClass;
import upshot.core.time.BeatGrid;
import upshot.core.verdict.Verdict;

/** What is proposed for a job that nobody has touched yet, counted. */
final class Proposed {

    private static final int STEPS = 5_000;
    private static final int FEW = 5;
    private static final int BEAT_OF = 3;

    final String name;
    final Plan typed;
    final Plan filled;
    final Verdict cut;
    final DayPlan day;

    Proposed(String name, Plan typed) {
        this.name = name;
        this.typed = typed;
        int[] ids = {0};
        this.filled = typed.apply(new Fill(
                        () -> new UUID(0x9999_9999_9999_4999L, 0x8000_0000_0000_0000L | ++ids[0]), Codes.of(typed))
                .propose(typed, hole -> true));
        Change arranged = new Arrange(UUID::randomUUID, Manner.PLACE_FIRST, 1, STEPS).propose(Verdict.of(filled));
        this.cut = Verdict.of(filled.apply(arranged));
        this.day = ShootingOrder.of(filled);
    }

    private CameraHeight height(Shot shot) {
        return Stand.of(filled, shot).height(shot).counted();
    }

    /** The share of the height that most pictures have. */
    double mostAtOneHeight() {
        Map<CameraHeight, Integer> heights = new EnumMap<>(CameraHeight.class);
        filled.shots().forEach(shot -> heights.merge(height(shot), 1, Integer::sum));
        int most = heights.values().stream().mapToInt(count -> count).max().orElse(0);
        return filled.shots().size() < FEW ? 0 : (double) most / filled.shots().size();
    }

    private static String round(Shot shot) {
        double off = Math.abs((shot.bearingDeg() + 180) % 360 - 180);
        return off <= 45 ? "front" : off <= 135 ? "side" : "behind";
    }

    /** Beats of three pictures or more with one height or one side. */
    long flatBeats() {
        long flat = 0;
        for (StoryBeat beat : filled.beats()) {
            List<Shot> shots = filled.actionsOf(beat).stream()
                    .flatMap(action -> filled.shotsOf(action).stream())
                    .toList();
            boolean oneHeight = shots.stream().map(this::height).distinct().count() < 2;
            boolean oneSide = shots.stream().map(Proposed::round).distinct().count() < 2;
            flat += shots.size() >= BEAT_OF && (oneHeight || oneSide) ? 1 : 0;
        }
        return flat;
    }

    private List<Action> happening() {
        return filled.actions().stream().filter(action -> !action.feature()).toList();
    }

    private Set<String> framings(Action action) {
        Set<String> framings = new HashSet<>();
        filled.shotsOf(action)
                .forEach(shot -> framings.add(shot.size().sizeClass() + " " + height(shot) + " " + round(shot)));
        return framings;
    }

    /** Pairs of neighbours of which a picture of one is framed as one of the other, in size, height and side. */
    long alikeNeighbours() {
        long alike = 0;
        for (int i = 1; i < happening().size(); i++) {
            Set<String> shared = framings(happening().get(i));
            shared.retainAll(framings(happening().get(i - 1)));
            alike += shared.isEmpty() ? 0 : 1;
        }
        return alike;
    }

    /** Details that show something else than what their action is about. */
    long besideTheFocus() {
        return filled.shots().stream()
                .filter(shot -> shot.size().sizeClass() == SizeClass.DETAIL)
                // The performance school asks for each performer's face and for fragments, whatever the action is
                // about.
                .filter(shot -> filled.house().coverage() != CoverageSchool.PERFORMANCE || shot.aim() == Aim.UNSAID)
                .filter(shot -> {
                    Action action = filled.actionOf(shot);
                    var part = Stand.of(filled, shot).aim().part().name();
                    return switch (action.focus()) {
                        case HANDS -> !part.equals("HANDS") && !part.equals("THING");
                        case FEET, WHEELS -> !part.equals(action.focus().name());
                        case FACE -> !part.equals("WHOLE") && !part.equals("FACE");
                        case THING -> part.equals("FEET") || part.equals("WHEELS");
                        case UNSAID, BODY, PLACE -> false;
                    };
                })
                .count();
    }

    /** Pictures against which a rule breaks: what cannot be stood, reached, followed or lit. */
    long impossible() {
        return filled.shots().stream()
                .filter(shot -> ShotRule.judgeAll(filled, shot).stream().anyMatch(one -> one.status() == Status.BREAK))
                .count();
    }

    /** Must-haves that are not in the day. */
    long mustsNotShot() {
        return day.dropped().stream()
                .filter(one -> one.setup().priority() == Priority.MUST)
                .count();
    }

    /** How often the day takes up an action that it had left. */
    long takenUpAgain() {
        List<Action> told = new ArrayList<>();
        long again = 0;
        for (DayPlan.Slot slot : day.slots()) {
            Action action = slot.setup().action();
            boolean goesOn = !told.isEmpty() && told.get(told.size() - 1).equals(action);
            again += !goesOn && told.contains(action) ? 1 : 0;
            if (!goesOn) {
                told.add(action);
            }
        }
        return again;
    }

    /** The same pictures told in another school: what its rules say, and how often it turns to another strand. */
    Verdict told(TellingSchool school) {
        Plan plan = filled.apply(Change.set(filled.house(), "telling", school));
        return Verdict.of(
                plan.apply(new Arrange(UUID::randomUUID, Manner.PLACE_FIRST, 1, STEPS).propose(Verdict.of(plan))));
    }

    /** As many joints as could lie within runs, with every action that is seen told in one. */
    long possibleWithinRuns() {
        Set<Action> seen = new HashSet<>();
        cut.cut().uses().forEach(use -> seen.add(use.action()));
        return cut.cut().uses().size() - seen.size();
    }

    /** 1 where the proposal is better than the recipe, −1 where the recipe is. */
    int againstTheRecipe() {
        return Baseline.compared(filled, cut);
    }

    long joints() {
        return cut.cut().joints();
    }

    long withinRuns() {
        return joint(true);
    }

    private long joint(boolean within) {
        long count = 0;
        for (int i = 0; i + 1 < cut.cut().uses().size(); i++) {
            boolean same = cut.cut()
                    .uses()
                    .get(i)
                    .action()
                    .equals(cut.cut().uses().get(i + 1).action());
            count += same == within ? 1 : 0;
        }
        return count;
    }

    boolean music() {
        return typed.brief().tempoBpm().isPresent();
    }

    long borders() {
        return joint(false);
    }

    long bordersOnBars() {
        Set<Long> bars = BeatGrid.bars(typed, typed.brief().lengthFrames());
        long on = 0;
        for (int i = 1; i < cut.cut().uses().size(); i++) {
            boolean border = !cut.cut()
                    .uses()
                    .get(i)
                    .action()
                    .equals(cut.cut().uses().get(i - 1).action());
            on += border && bars.contains(cut.cut().uses().get(i).startFrame()) ? 1 : 0;
        }
        return on;
    }

    long said(String rule) {
        return said(cut, rule);
    }

    static long said(Verdict verdict, String rule) {
        return findings(verdict).filter(one -> one.ruleId().equals(rule)).count();
    }

    long breaks() {
        return breaks(cut);
    }

    static long breaks(Verdict verdict) {
        return findings(verdict).filter(one -> one.status() == Status.BREAK).count();
    }

    private static Stream<Finding> findings(Verdict verdict) {
        return Stream.concat(verdict.joints().stream().flatMap(List::stream), verdict.whole().stream());
    }

    /** Joints with the same action on both sides, which is no feature. */
    static long twiceRunning(Verdict verdict) {
        return joints(verdict, (out, into) -> out.equals(into) && !out.feature());
    }

    /** Joints from what one subject does to what another does. */
    static long turns(Verdict verdict) {
        return joints(
                verdict,
                (out, into) ->
                        !out.feature() && !into.feature() && !out.subjectId().equals(into.subjectId()));
    }

    private static long joints(Verdict verdict, BiPredicate<Action, Action> counted) {
        var uses = verdict.cut().uses();
        return IntStream.range(1, uses.size())
                .filter(i -> counted.test(uses.get(i - 1).action(), uses.get(i).action()))
                .count();
    }

    /** Actions that must be seen and are not. */
    long unseen() {
        return happening().stream()
                .filter(action -> filled.shotsOf(action).stream().anyMatch(shot -> shot.priority() == Priority.MUST))
                .filter(action ->
                        cut.cut().uses().stream().noneMatch(use -> use.action().equals(action)))
                .count();
    }
}
