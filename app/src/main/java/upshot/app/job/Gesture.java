package upshot.app.job;

import java.util.Map;
import java.util.function.Function;
import java.util.function.Supplier;
import upshot.core.plan.Plan;

/** Something a person does that takes more than setting a field; the server works out the changes. */
public interface Gesture {

    /** How the page calls it, for instance {@code fill}. */
    String name();

    /**
     * The changes it comes to.
     *
     * @param arguments what the page sent, by name; never null, values may be blank
     * @throws upshot.core.plan.InvalidField when an argument is wrong, naming it
     */
    Proposal propose(GestureContext context, Map<String, String> arguments);

    /**
     * Does before the job is locked what needs no lock, reading a file above all; what it returns is quick.
     *
     * @param seen the plan as it stands now; by the time of the lock it may be another
     */
    default Function<GestureContext, Proposal> prepared(Map<String, String> arguments, Supplier<Plan> seen) {
        return context -> propose(context, arguments);
    }
}
