package upshot.core.late;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import upshot.core.coverage.Coverage;
import upshot.core.coverage.Hole;
import upshot.core.finding.Wording;
import upshot.core.order.DayPlan;
import upshot.core.order.Setup;
import upshot.core.plan.Plan;
import upshot.core.plan.Priority;
import upshot.core.plan.Shot;
import upshot.core.plan.Use;
import upshot.core.verdict.Verdict;

/**
 * What the edit loses when a setup is not shot.
 *
 * @param minutes that the day gains
 * @param uses of its shots in the cut
 * @param seconds of the cut that they fill
 * @param holes that open in the coverage
 * @param standIns shots of the same action that are made and could be cut in instead, the likest first
 */
public record Loss(Setup setup, int minutes, int uses, double seconds, List<Hole> holes, List<Shot> standIns) {

    /** What a setup that has its time would cost. */
    public static Loss of(Verdict verdict, DayPlan.Slot slot) {
        return of(verdict, slot.setup(), slot.minutes());
    }

    /** What a setup that does not fit costs. */
    public static Loss of(Verdict verdict, DayPlan.Dropped dropped) {
        return of(verdict, dropped.setup(), dropped.needsMin());
    }

    /** What a setup costs, whatever time it takes. */
    public static Loss of(Verdict verdict, Setup setup) {
        return of(verdict, setup, 0);
    }

    private static Loss of(Verdict verdict, Setup setup, int minutes) {
        Plan plan = verdict.plan();
        int uses = setup.shots().stream()
                .mapToInt(shot -> plan.usesOf(shot).size())
                .sum();
        return new Loss(
                setup,
                minutes,
                uses,
                plan.brief().rate().secondsOf(shownFrames(plan, setup)),
                holes(verdict, setup),
                standIns(verdict, setup));
    }

    private static List<Hole> holes(Verdict verdict, Setup setup) {
        return Coverage.without(verdict.plan(), setup.shots());
    }

    private static List<Shot> standIns(Verdict verdict, Setup setup) {
        Shot lost = setup.first();
        Set<UUID> made = verdict.day().byShot().keySet();
        return verdict.plan().shotsOf(setup.action()).stream()
                .filter(shot -> made.contains(shot.id()) && !setup.shots().contains(shot))
                .sorted(Comparator.comparingInt((Shot shot) ->
                                Math.abs(shot.size().ordinal() - lost.size().ordinal()))
                        .thenComparing(Shot::code))
                .toList();
    }

    /**
     * What goes next when the day runs late, in the order in which it goes: bonuses before shoulds before must-haves, what
     * the cut shows least first, then what gains most time. Moments and what is pinned do not go.
     *
     * @param most how many of them
     */
    public static List<Loss> inOrder(Verdict verdict, int most) {
        return verdict.day().slots().stream()
                .filter(slot -> !slot.fixed() && !slot.pinned())
                .sorted(Comparator.comparing(
                                (DayPlan.Slot slot) -> slot.setup().priority(), Comparator.<Priority>reverseOrder())
                        .thenComparingLong(slot -> shownFrames(verdict.plan(), slot.setup()))
                        .thenComparing(slot -> -slot.minutes())
                        .thenComparing(slot -> slot.setup().codes()))
                .limit(most)
                .map(slot -> of(verdict, slot))
                .toList();
    }

    private static long shownFrames(Plan plan, Setup setup) {
        return setup.shots().stream()
                .flatMap(shot -> plan.usesOf(shot).stream())
                .mapToLong(Use::frames)
                .sum();
    }

    /** What the cut loses and what could stand in, a sentence each. */
    public List<String> words() {
        List<String> words = new ArrayList<>(lost());
        if (missed()) {
            words.add(standIn()
                    .map(shot -> "%s (%s) could stand in."
                            .formatted(shot.code(), shot.size().label()))
                    .orElse("Nothing that is shot could stand in."));
        }
        return words;
    }

    /** Whether anything is lost by it. */
    public boolean missed() {
        return uses > 0 || !holes.isEmpty();
    }

    /** What the cut loses, a sentence each. */
    public List<String> lost() {
        List<String> words = new ArrayList<>();
        words.add(
                uses() == 0
                        ? "The cut does not use it."
                        : "The cut loses %s s in %d %s."
                                .formatted(Wording.number(seconds(), 1), uses(), uses() == 1 ? "use" : "uses"));
        String missing = holes.stream().map(Hole::misses).distinct().collect(Collectors.joining(" "));
        if (!missing.isEmpty()) {
            words.add(missing);
        }
        return words;
    }

    /** The likest of the shots that could stand in. */
    public Optional<Shot> standIn() {
        return standIns.stream().findFirst();
    }
}
