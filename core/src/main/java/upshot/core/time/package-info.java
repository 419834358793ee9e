/** Playback, holds, rolls and shutters. */
package upshot.core.time;
