/** The hand-off: which clip is of which take, what the cut gets of it, and what is missing. */
package upshot.core.handoff;
