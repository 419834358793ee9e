/** Exact rates and the few measures that every other package counts in. */
package upshot.core.measure;
