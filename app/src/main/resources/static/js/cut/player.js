// Plays a paper cut as moving drawings: keeps the time, and draws what is due.
import { Screen, drawingAt, useAt } from "./drawings.js";

const WHIP_FRAMES = 6;
const THROUGH_FRAMES = 8;

/**
 * Keeps the time and draws. Says `moved` after each drawing and `changed` when it starts, stops or changes its pace.
 *
 * @param clock.now milliseconds
 * @param clock.later asks to be called back soon, as a browser draws
 * @param calm whether nothing may move: one drawing for each use, and straight cuts
 */
export class Player extends EventTarget {
  #playing;
  #screen;
  #clock;
  #calm;
  #anchorFrame = 0;
  #anchorMs = 0;
  #runs = false;
  #pace = 1;
  #loop = null;
  #asked = null;
  eyes = false;
  shown = 0;

  constructor(canvas, playing, clock = {}, calm = false) {
    super();
    this.#playing = playing;
    this.#screen = new Screen(canvas, playing);
    this.#clock = { now: () => performance.now(), later: (work) => requestAnimationFrame(work), ...clock };
    this.#calm = calm;
  }

  get playing() {
    return this.#playing;
  }

  get runs() {
    return this.#runs;
  }

  get pace() {
    return this.#pace;
  }

  get loop() {
    return this.#loop;
  }

  /** The frame that is due now, with its part. */
  get frame() {
    const gone = this.#runs ? ((this.#clock.now() - this.#anchorMs) / 1000) * this.#playing.rate * this.#pace : 0;
    const frame = this.#anchorFrame + gone;
    if (this.#loop && this.#runs && frame >= this.#loop.until) {
      const length = this.#loop.until - this.#loop.from;
      return this.#loop.from + ((frame - this.#loop.from) % length);
    }
    return Math.min(frame, this.#playing.frames);
  }

  play() {
    if (!this.#runs) {
      const ended = this.#anchorFrame >= this.#playing.frames;
      this.#anchor(ended ? 0 : this.#anchorFrame);
      this.#runs = true;
      this.#say("changed");
      this.#ask();
    }
  }

  pause() {
    this.#anchor(this.frame);
    this.#runs = false;
    this.#say("changed");
  }

  seek(frame) {
    this.#anchor(Math.min(Math.max(0, frame), this.#playing.frames));
    this.#say("changed");
    this.draw();
  }

  setPace(pace) {
    this.#anchor(this.frame);
    this.#pace = pace;
    this.#say("changed");
  }

  /** Goes round between two frames; null goes on to the end again. */
  setLoop(loop) {
    this.#anchor(loop && (this.frame < loop.from || this.frame >= loop.until) ? loop.from : this.frame);
    this.#loop = loop;
    this.#say("changed");
    this.draw();
  }

  /** To the beginning of the use so many joints on. */
  step(joints) {
    const to = Math.min(Math.max(0, useAt(this.#playing.uses, this.frame) + joints), this.#playing.uses.length - 1);
    this.seek(this.#playing.uses[to].start);
  }

  draw() {
    const { uses } = this.#playing;
    if (uses.length === 0) {
      return;
    }
    const frame = Math.min(this.frame, this.#playing.frames - 1);
    this.shown = useAt(uses, frame);
    this.#screen.fit();
    if (this.#calm) {
      this.#screen.draw(drawingAt(uses[this.shown], 0.5));
    } else {
      this.#moment(frame);
    }
    this.#say("moved");
  }

  #moment(frame) {
    const { uses } = this.#playing;
    const use = uses[this.shown];
    const drawing = drawingAt(use, (frame - use.start) / use.frames);
    const next = uses[this.shown + 1];
    if (!this.#joined(frame, uses[this.shown - 1], use) && !(next && this.#joined(frame, use, next))) {
      this.#screen.draw(drawing);
    }
    if (this.eyes) {
      this.#screen.ring(drawing.eye);
    }
  }

  /** Draws the transition into a use where one is under way. */
  #joined(frame, out, into) {
    const lasts = { DISSOLVE: into.join, WIPE: into.join, WHIP: WHIP_FRAMES, THROUGH: THROUGH_FRAMES }[into.entry] ?? 0;
    const share = (frame - into.start) / lasts + 0.5;
    if (!out || lasts === 0 || share < 0 || share >= 1) {
      return false;
    }
    const before = drawingAt(out, (frame - out.start) / out.frames);
    const after = drawingAt(into, (frame - into.start) / into.frames);
    if (into.entry === "WHIP") {
      this.#screen.draw(before, { shift: -share * share });
      this.#screen.draw(after, { shift: (1 - share) * (1 - share) });
    } else if (into.entry === "THROUGH") {
      this.#screen.draw(share < 0.5 ? before : after);
      this.#screen.pass(share);
    } else {
      this.#screen.draw(before);
      this.#screen.draw(after, into.entry === "WIPE" ? { until: share } : { alpha: share });
    }
    return true;
  }

  #anchor(frame) {
    this.#anchorFrame = frame;
    this.#anchorMs = this.#clock.now();
  }

  #ask() {
    if (this.#asked === null) {
      this.#asked = this.#clock.later(() => {
        this.#asked = null;
        this.#turn();
      });
    }
  }

  #turn() {
    if (!this.#runs) {
      return;
    }
    this.draw();
    if (this.frame >= this.#playing.frames && !this.#loop) {
      this.pause();
    } else {
      this.#ask();
    }
  }

  #say(what) {
    this.dispatchEvent(new Event(what));
  }
}
