/** Stage 1: what is to be delivered, the day, the spots, and what will happen. */
package upshot.app.brief;
