package upshot.core.order;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import upshot.core.coverage.Coverage;
import upshot.core.plan.Action;
import upshot.core.plan.Plan;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Subject;
import upshot.core.plan.Turn;
import upshot.core.size.SubjectKind;
import upshot.day.DayProblem;
import upshot.day.Windows;

/**
 * Everything about a shoot that stays the same whatever the order: who shoots, what, and within which limits; with its
 * numbers, of which an order is made. Setups are counted from 0 here and there.
 */
public final class Shoot {

    private final Plan plan;
    private final List<Crew> crews;
    private final List<Setup> setups;
    private final List<Subject> people;
    private final Prerequisites prerequisites;
    private final Map<UUID, Turn> turns = new HashMap<>();
    private final DayProblem problem;

    /**
     * What all setups of an action share, whatever its shots.
     *
     * @param hours for each crew
     * @param windows the same as numbers
     * @param people places in the list of people
     */
    record Shared(List<Hours> hours, List<Windows> windows, List<Integer> people) {

        Shared {
            hours = List.copyOf(hours);
            windows = List.copyOf(windows);
            people = List.copyOf(people);
        }

        private static Shared of(List<Hours> hours, List<Integer> people) {
            return new Shared(hours, hours.stream().map(Hours::windows).toList(), people);
        }
    }

    private Shoot(Plan plan, List<Setup> setups) {
        this.plan = plan;
        this.crews = Crew.of(plan);
        for (Turn turn : plan.list(RecordKind.TURN)) {
            turns.put(turn.shotId(), turn);
        }
        this.setups = setups.stream()
                .filter(setup -> turnOf(setup).filter(Turn::letGo).isEmpty())
                .toList();
        this.people = plan.subjects().stream()
                .filter(subject -> subject.kind() == SubjectKind.PERSON)
                .toList();
        this.prerequisites = new Prerequisites(plan, this.setups);
        this.problem = AsNumbers.of(this);
    }

    /** The shoot of a plan; setups that somebody let go are not in it. */
    public static Shoot of(Plan plan) {
        return new Shoot(plan, Setup.of(plan));
    }

    Shared shared(Action action) {
        return plan.remember(
                Shared.class,
                action,
                around -> Shared.of(
                        crews.stream()
                                .map(crew -> Hours.of(around, action, crew))
                                .toList(),
                        Coverage.performing(around, action).stream()
                                .map(people::indexOf)
                                .filter(i -> i >= 0)
                                .toList()));
    }

    public Plan plan() {
        return plan;
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

    /** What must come before what. */
    public Prerequisites prerequisites() {
        return prerequisites;
    }

    /** The numbers of all this. */
    public DayProblem problem() {
        return problem;
    }

    /** Everybody who stands in front of a camera. */
    public List<Subject> people() {
        return people;
    }

    /** When a setup can be shot, by crew. */
    List<Hours> hours(Setup setup) {
        return shared(setup.action()).hours();
    }

    /** Who is in front of the camera in a setup, as places in the list of people. */
    List<Integer> performing(Setup setup) {
        return shared(setup.action()).people();
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
}
