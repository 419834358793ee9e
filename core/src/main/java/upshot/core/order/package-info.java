/** The shooting order: setups, the minutes they cost, and the clock. */
package upshot.core.order;
