/** Standard MIDI files: tempo and metre, nothing of the notes. */
package upshot.exchange.midi;
