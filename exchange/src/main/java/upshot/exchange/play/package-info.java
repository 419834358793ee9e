/** The paper cut as it plays, for a page to draw: as data, and as a page of its own that asks nobody for anything. */
package upshot.exchange.play;
