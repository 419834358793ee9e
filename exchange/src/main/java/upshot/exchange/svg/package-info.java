/** Drawn frames as SVG; the only place that knows their colours. */
package upshot.exchange.svg;
