/**
 * The plan of one job as an immutable value, and the changes that turn one plan into the next.
 *
 * <p>A plan holds nine kinds of flat records. A {@link upshot.core.plan.Change} adds one, removes one or sets one field;
 * its inverse is pure, so undo needs no memory of the plan it came from.
 */
package upshot.core.plan;
