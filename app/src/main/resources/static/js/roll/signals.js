// What is heard and felt, and the screen that stays awake. Sound is unlocked by the press on Roll; where sound is wanted in the
// take it stays silent and the phone only trembles.

const TONES = { count: [880, 0.09], enough: [1320, 0.22], stop: [660, 0.4] };
const TREMBLES = { count: [40], enough: [60, 60, 60], stop: [300] };

export class Signals {
  #sound;
  #lock;
  on = true;

  unlock() {
    try {
      this.#sound ??= new AudioContext();
      this.#sound.resume();
    } catch {
      // It is seen all the same.
    }
  }

  give(name, quiet) {
    navigator.vibrate?.(TREMBLES[name]);
    if (quiet || !this.on || this.#sound?.state !== "running") {
      return;
    }
    const [hertz, seconds] = TONES[name];
    const tone = new OscillatorNode(this.#sound, { frequency: hertz });
    const loudness = new GainNode(this.#sound, { gain: 0.3 });
    loudness.gain.setTargetAtTime(0, this.#sound.currentTime + seconds * 0.7, 0.03);
    tone.connect(loudness).connect(this.#sound.destination);
    tone.start();
    tone.stop(this.#sound.currentTime + seconds);
  }

  /** The browser lets go of it whenever the page is hidden. */
  async stayAwake() {
    if (document.visibilityState === "visible" && (this.#lock === undefined || this.#lock.released)) {
      this.#lock = await navigator.wakeLock?.request("screen").catch(() => undefined);
    }
  }
}
