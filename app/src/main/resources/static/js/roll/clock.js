// The phone's clock against the server's. What it says of itself is never changed: entries carry its time and the offset.

const A_JUMP_MS = 2000;

export class Clock {
  #offset;
  #base = Date.now() - performance.now();
  #format;

  /** `offset` in ms as it was measured last. */
  constructor(offset, zone) {
    this.#offset = offset;
    this.#format = new Intl.DateTimeFormat("en-GB", { hour: "2-digit", minute: "2-digit", ...(zone ? { timeZone: zone } : {}) });
  }

  /** The phone's own time and what has to be added; a clock that was set meanwhile is noticed by the one that runs on. */
  read() {
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

  /** An answer said `nowMs`; it was asked for and came at these times of this phone. */
  measured(nowMs, askedMs, cameMs) {
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
