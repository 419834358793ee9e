package upshot.core.finding;

import java.util.List;
import java.util.UUID;

/**
 * One thing that a rule has to say.
 *
 * @param ruleId stable name of the rule, for instance {@code too-alike}
 * @param status clear findings are kept: they say by how much it is fine
 * @param subject the records it is about, the one to look at last
 * @param title what, in a few words
 * @param measured the figure and its limit
 * @param sentence why, with the numbers in it
 * @param mends possibly none
 */
public record Finding(
        String ruleId,
        Status status,
        List<UUID> subject,
        String title,
        Measured measured,
        String sentence,
        List<Mend> mends) {

    public Finding {
        subject = List.copyOf(subject);
        mends = mends instanceof Mends ? mends : List.copyOf(mends);
    }
}
