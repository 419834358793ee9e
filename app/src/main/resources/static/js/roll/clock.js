// The phone's clock against the server's. What it says of itself is never changed: entries carry its time and the offset.

const A_JUMP_MS = 2000;

export class Clock {
  #offset;
  #played = null;
  #base = Date.now() - performance.now();
  #format;

  /** `offset` in ms as it was measured last. */
  constructor(offset, zone) {
    this.#offset = offset;
    this.zone = zone;
  }

  /** The clock of the place that is read out; empty for the phone's own. */
  set zone(zone) {
    this.#format = new Intl.DateTimeFormat("en-GB", { hour: "2-digit", minute: "2-digit", ...(zone ? { timeZone: zone } : {}) });
  }

  /** The phone's own time and what has to be added; a clock that was set meanwhile is noticed by the one that runs on. */
  read() {
    if (this.#played) {
      const { nowMs, pace, sinceMs } = this.#played;
      return { atMs: Math.round(nowMs + (performance.now() - sinceMs) * pace), offsetMs: 0 };
    }
    const atMs = Date.now();
    const jumped = atMs - performance.now() - this.#base;
    if (Math.abs(jumped) > A_JUMP_MS) {
      this.#offset -= jumped;
      this.#base += jumped;
    }
    return { atMs, offsetMs: Math.round(this.#offset) };
  }

  get offset() {
    return this.read().offsetMs;
  }

  /** The server's time, as far as this phone knows. */
  now() {
    const { atMs, offsetMs } = this.read();
    return atMs + offsetMs;
  }

  /**
   * An answer said `nowMs`; it was asked for and came at these times of this phone. On a day that is played the day's own
   * clock stands in the place of the phone's.
   */
  measured(nowMs, askedMs, cameMs, pace = 1) {
    this.#played = pace === 1 ? null : { nowMs, pace, sinceMs: performance.now() - (cameMs - askedMs) / 2 };
    if (this.#played) {
      return;
    }
    this.read();
    this.#offset = nowMs - (askedMs + cameMs) / 2;
  }

  /** "19:11" by the clock of the place. */
  text(ms) {
    return this.#format.format(ms);
  }
}

/** "0:07" */
export function minutes(seconds) {
  const whole = Math.max(0, Math.floor(seconds));
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, "0")}`;
}
