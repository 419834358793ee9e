package upshot.core.order;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Collections;
import java.util.Comparator;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import upshot.core.house.OrderSchool;
import upshot.core.plan.Action;
import upshot.core.plan.Plan;
import upshot.core.plan.Priority;

/**
 * What must come before what when both are shot: clean before messy with the same thing; what is filmed of a thing before
 * an action changes its state comes before that action, what the story shows afterwards comes after it; and the master,
 * the widest view of an action, first where the school says so.
 */
public final class Prerequisites {

    /**
     * One that must not be turned round.
     *
     * @param why said as a sentence
     */
    public record Prerequisite(int first, int then, String why) {}

    private static final BitSet NONE = new BitSet();

    private final List<Setup> setups;
    private final OrderSchool school;
    private final List<Prerequisite> all = new ArrayList<>();
    private final BitSet[] before;
    private final BitSet[] after;

    Prerequisites(Plan plan, List<Setup> setups) {
        this.setups = setups;
        this.school = plan.house().dayOrder();
        this.before = new BitSet[setups.size()];
        this.after = new BitSet[setups.size()];
        Arrays.fill(before, NONE);
        Arrays.fill(after, NONE);
        Map<String, List<Integer>> byThing = new HashMap<>();
        Map<UUID, List<Integer>> byAction = new HashMap<>();
        for (int i = 0; i < setups.size(); i++) {
            Action action = setups.get(i).action();
            byAction.computeIfAbsent(action.id(), none -> new ArrayList<>()).add(i);
            if (action.hasThing()) {
                byThing.computeIfAbsent(action.thing().toLowerCase(Locale.ROOT), none -> new ArrayList<>())
                        .add(i);
            }
        }
        byThing.values().forEach(this::things);
        if (school == OrderSchool.MASTER_FIRST) {
            byAction.values().forEach(this::masters);
        }
    }

    private void things(List<Integer> same) {
        for (int one : same) {
            for (int other : same) {
                Action first = setups.get(one).action();
                Action then = setups.get(other).action();
                if (first.id().equals(then.id())) {
                    continue;
                }
                boolean inStory = one < other;
                boolean stateSet =
                        !first.setsState().isEmpty() || !then.setsState().isEmpty();
                if (stateSet && inStory) {
                    String state = then.setsState().isEmpty() ? first.setsState() : then.setsState();
                    add(one, other, "%s becomes %s".formatted(first.thing(), state));
                } else if (!stateSet && !first.messy() && then.messy()) {
                    add(one, other, "%s leaves %s messy".formatted(then.name(), then.thing()));
                }
            }
        }
    }

    private void masters(List<Integer> same) {
        int master = same.stream()
                .min(Comparator.comparing(i -> setups.get(i).first().size().ordinal()))
                .orElseThrow();
        same.stream()
                .filter(i -> i != master)
                .forEach(i -> add(
                        master,
                        i,
                        "%s is the master".formatted(setups.get(master).codes())));
    }

    private void add(int first, int then, String why) {
        if (!before[then].get(first)) {
            set(before, then, first);
            set(after, first, then);
            all.add(new Prerequisite(first, then, why));
        }
    }

    private static void set(BitSet[] all, int setup, int other) {
        if (all[setup] == NONE) {
            all[setup] = new BitSet();
        }
        all[setup].set(other);
    }

    /** Setups that must not come after this one. */
    BitSet before(int setup) {
        return before[setup];
    }

    /** Setups that must not come before this one. */
    BitSet after(int setup) {
        return after[setup];
    }

    /** Why one comes before the other, where it must. */
    public Optional<String> why(int first, int then) {
        return all.stream()
                .filter(one -> one.first() == first && one.then() == then)
                .map(Prerequisite::why)
                .findFirst();
    }

    /** Whether the school of order wants it early. */
    boolean firstClass(Setup setup) {
        return switch (school) {
            case MUSTS_FIRST -> setup.priority() == Priority.MUST;
            case SOON_GONE_FIRST -> setup.onceOnly() || setup.action().soonGone();
            case MASTER_FIRST -> false;
        };
    }

    /** Setups that must each come before the next and the last before the first; empty where there are none. */
    List<Integer> cycle() {
        int[] state = new int[setups.size()];
        for (int i = 0; i < setups.size(); i++) {
            List<Integer> found = cycleFrom(i, state, new ArrayDeque<>());
            if (!found.isEmpty()) {
                return found;
            }
        }
        return List.of();
    }

    /** The same as sentences, one for each prerequisite on the way round. */
    public List<String> cycleInWords() {
        List<Integer> cycle = cycle();
        List<String> words = new ArrayList<>();
        for (int i = 0; i < cycle.size(); i++) {
            int first = cycle.get(i);
            int then = cycle.get((i + 1) % cycle.size());
            words.add("%s before %s: %s"
                    .formatted(
                            setups.get(first).codes(),
                            setups.get(then).codes(),
                            why(first, then).orElseThrow()));
        }
        return words;
    }

    private List<Integer> cycleFrom(int setup, int[] state, Deque<Integer> way) {
        if (state[setup] == 2) {
            return List.of();
        }
        way.addLast(setup);
        state[setup] = 1;
        for (int first = before[setup].nextSetBit(0); first >= 0; first = before[setup].nextSetBit(first + 1)) {
            if (state[first] == 1) {
                List<Integer> cycle = new ArrayList<>(way);
                cycle = new ArrayList<>(cycle.subList(cycle.indexOf(first), cycle.size()));
                Collections.reverse(cycle);
                return cycle;
            }
            List<Integer> found = cycleFrom(first, state, way);
            if (!found.isEmpty()) {
                return found;
            }
        }
        way.removeLast();
        state[setup] = 2;
        return List.of();
    }
}
