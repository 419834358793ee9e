package upshot.day;

import upshot.day.DayState.Person;

/** Who has to rest before they go on. */
public final class Resting {

    private final DayProblem problem;

    public Resting(DayProblem problem) {
        this.problem = problem;
    }

    /**
     * Somebody who rests before a setup.
     *
     * @param person by their number
     * @param untilMin when they have rested, after the brief's call
     */
    public record Rest(int person, int untilMin) {}

    /** The last to have rested, of those who would be in front of the camera for longer than they can; null for nobody. */
    public Rest before(DayState before, int setup) {
        DaySetup next = problem.setup(setup);
        Rest last = null;
        for (int index : next.people()) {
            Performer performer = problem.people().get(index);
            Person person = before.carried().people()[index];
            double limit = performer.effortMin().orElse(Double.MAX_VALUE);
            if (person.activeMin() > 0 && person.activeMin() + next.shootMin() > limit) {
                int until = person.lastMin() + (int) Math.ceil(Math.max(1, performer.restMin()));
                last = last == null || until > last.untilMin() ? new Rest(index, until) : last;
            }
        }
        return last;
    }
}
