/** The plan of a spot as shapes on a page, as a drawing to scale, and what to check on site. */
package upshot.exchange.ground;
