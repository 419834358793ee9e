/**
 * The log of the day as numbers, and the state that follows from it: a pure function, the same on a phone without a network
 * and on the server. It depends on nothing.
 */
package upshot.day.log;
