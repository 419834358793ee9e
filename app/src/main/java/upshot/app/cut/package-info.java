/** Stage 3: the paper cut as lines of a score, every joint judged. */
package upshot.app.cut;
