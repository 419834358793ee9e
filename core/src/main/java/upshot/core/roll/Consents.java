package upshot.core.roll;

import java.util.List;
import upshot.core.coverage.Coverage;
import upshot.core.plan.Consent;
import upshot.core.plan.Shot;
import upshot.core.plan.Subject;
import upshot.day.log.LogState;

/** Who does not want to be seen: by the log, or by the plan where nobody has said since. */
public final class Consents {

    private final LoggedDay day;
    private final LogState state;

    public Consents(LoggedDay day, LogState state) {
        this.day = day;
        this.state = state;
    }

    /** @param person their place among {@link LoggedDay#people()} */
    public boolean refused(int person) {
        int said = state.consents().get(person);
        return said == 1 + Consent.REFUSED.ordinal()
                || said == 0 && day.people().get(person).consent() == Consent.REFUSED;
    }

    /** Those of them who are before the camera in a shot. */
    public List<String> refusedIn(Shot shot) {
        List<Subject> people = day.people();
        return Coverage.performing(day.plan(), day.plan().actionOf(shot)).stream()
                .filter(person -> people.contains(person) && refused(people.indexOf(person)))
                .map(Subject::name)
                .toList();
    }
}
