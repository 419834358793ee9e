/** The paper cut as it plays: every use with its drawings over time, and the clicks of the music. */
package upshot.core.play;
