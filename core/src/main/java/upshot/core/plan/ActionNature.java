package upshot.core.plan;

/**
 * What an action does to the day.
 *
 * @param messy leaves a mess, so clean work comes first
 * @param soonGone what can be seen now and not much later
 * @param tiring costs the subject strength
 * @param quick brief, fast or liquid, so that slow motion shows more
 */
public record ActionNature(boolean messy, boolean soonGone, boolean tiring, boolean quick) implements Part {

    public ActionNature {}
}
