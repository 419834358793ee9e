/** Stage 5: the setups in shooting order on the clock. */
package upshot.app.day;
