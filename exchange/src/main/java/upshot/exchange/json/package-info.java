/** Plan values and changes as JSON, exact in both directions. */
package upshot.exchange.json;
