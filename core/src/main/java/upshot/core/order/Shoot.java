package upshot.core.order;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import upshot.core.coverage.Coverage;
import upshot.core.house.Threshold;
import upshot.core.plan.Action;
import upshot.core.plan.Card;
import upshot.core.plan.Kind;
import upshot.core.plan.Plan;
import upshot.core.plan.Priority;
import upshot.core.plan.Subject;
import upshot.core.plan.Turn;
import upshot.core.shot.Recording;
import upshot.core.size.SubjectKind;

/**
 * Everything about a shoot that stays the same whatever the order: who shoots, what, within which limits, and what it
 * costs to get from one setup to the next. Setups are counted from 0 here.
 */
public final class Shoot {

    private static final BitSet NONE = new BitSet();

    private final Plan plan;
    private final MinutesTable table;
    private final List<Crew> crews;
    private final List<Setup> setups;
    private final List<Part> parts = new ArrayList<>();
    private final List<Subject> people;
    private final Prerequisites prerequisites;
    private final Map<UUID, Turn> turns = new HashMap<>();
    private final double[][] changes;
    private final double capacityMegabytes;

    /**
     * What one setup needs, in numbers.
     *
     * @param hours for each crew
     * @param fixedMin when the moment is, or −1; only on the day of the shoot itself
     * @param pinnedMin when getting ready for it is pinned to begin, or −1, in the shift that it is pinned to
     * @param turn the first turn that a shot of it has
     * @param people places in the list of people
     * @param after setups that must not come before it
     * @param sameAction setups of the same action, itself among them
     * @param sameOnce the same, where the action happens once
     * @param copyMin minutes to copy what it records
     * @param firstClass whether the school of order wants it early
     */
    record Part(
            Setup setup,
            List<Hours> hours,
            int fixedMin,
            int pinnedMin,
            Optional<Turn> turn,
            int[] people,
            BitSet after,
            BitSet sameAction,
            BitSet sameOnce,
            double megabytes,
            double copyMin,
            boolean firstClass) {

        double shootMin() {
            return setup.shootMin();
        }

        Hours hours(Crew crew) {
            return hours.get(crew.index());
        }
    }

    /** What all setups of an action share, whatever its shots. */
    private record Shared(List<Hours> hours, int[] people) {}

    private Shoot(Plan plan, MinutesTable table, List<Setup> setups) {
        this.plan = plan;
        this.table = table;
        this.crews = Crew.of(plan);
        for (Turn turn : plan.list(Kind.TURN)) {
            turns.put(turn.shotId(), turn);
        }
        this.setups = setups.stream()
                .filter(setup -> turnOf(setup).filter(Turn::letGo).isEmpty())
                .toList();
        this.people = plan.subjects().stream()
                .filter(subject -> subject.kind() == SubjectKind.PERSON)
                .toList();
        this.prerequisites = new Prerequisites(plan, this.setups);
        Map<UUID, BitSet> byAction = new HashMap<>();
        for (int i = 0; i < this.setups.size(); i++) {
            byAction.computeIfAbsent(this.setups.get(i).action().id(), none -> new BitSet())
                    .set(i);
        }
        for (int i = 0; i < this.setups.size(); i++) {
            parts.add(part(i, byAction.get(this.setups.get(i).action().id())));
        }
        this.changes = new double[this.setups.size() + 1][];
        this.capacityMegabytes = plan.list(Kind.CARD).stream()
                .mapToDouble(card -> capacity(card))
                .sum();
    }

    private static double capacity(Card card) {
        return card.count() * card.capacityGb() * 1000;
    }

    /** The shoot of a plan; setups that somebody let go are not in it. */
    public static Shoot of(Plan plan) {
        return new Shoot(plan, MinutesTable.of(plan), Setup.of(plan));
    }

    private Shared shared(Action action) {
        return plan.once(Shared.class, action, () -> workedOut(action));
    }

    private Shared workedOut(Action action) {
        List<Hours> hours =
                crews.stream().map(crew -> Hours.of(plan, action, crew)).toList();
        int[] performing = Coverage.performing(plan, action).stream()
                .mapToInt(people::indexOf)
                .filter(i -> i >= 0)
                .toArray();
        return new Shared(hours, performing);
    }

    private Part part(int index, BitSet sameAction) {
        Setup setup = setups.get(index);
        Shared shared = shared(setup.action());
        Optional<Turn> turn = turnOf(setup);
        double megabytes = 0;
        double copyMin = 0;
        if (!plan.list(Kind.CARD).isEmpty()) {
            for (var shot : setup.shots()) {
                Recording recording = Recording.of(plan, shot);
                megabytes += recording.megabytes();
                copyMin += recording.copyMin();
            }
        }
        return new Part(
                setup,
                shared.hours(),
                setup.action().fixedTime().map(crews.get(0)::at).orElse(-1),
                turn.flatMap(this::pinnedMin).orElse(-1),
                turn,
                shared.people(),
                prerequisites.after(index),
                sameAction,
                setup.onceOnly() ? sameAction : NONE,
                megabytes,
                copyMin,
                prerequisites.firstClass(setup));
    }

    public Plan plan() {
        return plan;
    }

    public MinutesTable table() {
        return table;
    }

    public List<Crew> crews() {
        return crews;
    }

    public List<Setup> setups() {
        return setups;
    }

    public int size() {
        return setups.size();
    }

    /** How many shots there are of each priority, by its ordinal. */
    int[] shotsByPriority() {
        int[] shots = new int[Priority.values().length];
        setups.forEach(
                setup -> shots[setup.priority().ordinal()] += setup.shots().size());
        return shots;
    }

    /** What must come before what. */
    public Prerequisites prerequisites() {
        return prerequisites;
    }

    Part part(int setup) {
        return parts.get(setup);
    }

    List<Subject> people() {
        return people;
    }

    double capacityMegabytes() {
        return capacityMegabytes;
    }

    double of(Threshold what) {
        return table.of(what);
    }

    /** The first turn that a shot of the setup has. */
    public Optional<Turn> turnOf(Setup setup) {
        return turns.isEmpty()
                ? Optional.empty()
                : setup.shots().stream()
                        .map(shot -> turns.get(shot.id()))
                        .filter(turn -> turn != null)
                        .findFirst();
    }

    /** When getting ready for it is pinned to begin on a crew's day, or −1. */
    int pinnedMin(int setup, Crew crew) {
        Part part = parts.get(setup);
        return part.pinnedMin() >= 0 && part.turn().flatMap(Turn::shiftId).equals(crew.shiftId())
                ? part.pinnedMin()
                : -1;
    }

    private Optional<Integer> pinnedMin(Turn turn) {
        return crews.stream()
                .filter(crew -> crew.shiftId().equals(turn.shiftId()))
                .findFirst()
                .flatMap(crew -> turn.pinnedTime().map(crew::at));
    }

    /**
     * Minutes to be ready for a setup, worked out when they are first asked for; again where they are none, which is soon
     * seen.
     *
     * @param before −1 at the start of the day
     */
    double changeMin(int before, int next) {
        double[] from = changes[before + 1];
        if (from == null) {
            from = new double[setups.size()];
            changes[before + 1] = from;
        }
        if (from[next] == 0) {
            from[next] = MinutesTable.Item.total(changeItems(before, next));
        }
        return from[next];
    }

    List<MinutesTable.Item> changeItems(int before, int next) {
        return table.change(before < 0 ? null : setups.get(before), setups.get(next));
    }
}
