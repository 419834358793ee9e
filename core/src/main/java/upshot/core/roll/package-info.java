/** The day itself: the log of what was rolled, and how the day stands by it. */
package upshot.core.roll;
