/** What shot days teach about the next: how long changes take here, and what becomes of what was planned. */
package upshot.core.learn;
