/** One class a rule on the cut as a whole: shares of screen seconds, runs, pace, how it opens and closes. */
package upshot.core.whole;
