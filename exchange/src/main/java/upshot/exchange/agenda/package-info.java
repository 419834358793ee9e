/** An event's agenda as typed lines, CSV or iCalendar, read into moments. */
package upshot.exchange.agenda;
