/** Phones without an account: a code of the day lets them in, to that day and its log and nothing else. */
package upshot.app.crew;
