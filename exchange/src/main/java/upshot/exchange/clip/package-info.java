/** Clips: short films that say in their pictures what they are. */
package upshot.exchange.clip;
