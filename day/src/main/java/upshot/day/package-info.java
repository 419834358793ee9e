/**
 * The shooting day as numbers: what there is to shoot, within which limits, and what an order of it costs. It depends on
 * nothing, so that the same rules run on the server and, compiled, in a browser without a network.
 */
package upshot.day;
