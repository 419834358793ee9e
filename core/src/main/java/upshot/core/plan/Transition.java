package upshot.core.plan;

/**
 * How a cut comes from one use into the next.
 *
 * @param entry how it is meant
 * @param frames how long it lasts, 0 for a cut
 */
public record Transition(Entry entry, int frames) {}
