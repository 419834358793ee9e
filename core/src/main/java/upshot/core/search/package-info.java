/** The search for a better order of the day: the only part of the core that knows the solver. */
package upshot.core.search;
