package upshot.core.finding;

import upshot.core.plan.Change;

/**
 * A way out of a finding, offered as a button.
 *
 * @param label what it does, in the imperative
 * @param change what it changes
 */
public record Mend(String label, Change change) {}
