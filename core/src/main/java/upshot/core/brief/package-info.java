/** What is gathered before the day: actions understood from a typed line, kits and house rules to begin with. */
package upshot.core.brief;
