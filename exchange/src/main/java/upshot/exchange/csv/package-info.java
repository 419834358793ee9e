/** Lists that an editor or a spreadsheet opens. */
package upshot.exchange.csv;
