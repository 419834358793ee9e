package upshot.app.job;

import java.util.Map;

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
    Proposal propose(Desk desk, Map<String, String> arguments);
}
