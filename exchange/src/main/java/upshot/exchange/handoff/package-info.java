/** What an editor gets: the cut as shot in open formats, lists, and a page to read and to answer. */
package upshot.exchange.handoff;
