// Plays a paper cut as moving drawings on a canvas. Also the only script of the page that is sent to a client, so that it
// imports nothing.

/** Thousandths of the frame's height, in which the drawings come. */
const UNITS = 1000;
const WHIP_FRAMES = 6;
const THROUGH_FRAMES = 8;
/** A frame begins with its first instant, whatever the clock's rounding. */
const ROUNDING = 1e-6;

/** Which use is on screen at a frame, from 0. */
export function useAt(uses, frame) {
  let low = 0;
  let high = uses.length - 1;
  while (low < high) {
    const middle = Math.ceil((low + high) / 2);
    if (uses[middle].start <= frame + ROUNDING) {
      low = middle;
    } else {
      high = middle - 1;
    }
  }
  return low;
}

function alike(one, other) {
  return (
    one.length === other.length &&
    one.every((shape, at) => shape[0] === other[at][0] && shape[1] === other[at][1] && shape.length === other[at].length)
  );
}

const between = (one, other, share) => one.map((value, at) => (typeof value === "number" ? value + (other[at] - value) * share : value));

/** The drawing of a use at a share of its time; between two drawings of one build everything lies between. */
export function drawingAt(use, share) {
  const place = Math.min(1, Math.max(0, share)) * (use.keys.length - 1);
  const before = use.keys[Math.floor(place)];
  const after = use.keys[Math.min(use.keys.length - 1, Math.floor(place) + 1)];
  const part = place - Math.floor(place);
  if (!alike(before.shapes, after.shapes)) {
    return part < 0.5 ? before : after;
  }
  return {
    shapes: before.shapes.map((shape, at) => between(shape, after.shapes[at], part)),
    eye: between(before.eye, after.eye, part),
  };
}

/** Draws shapes on a canvas of any size. */
class Screen {
  #canvas;
  #brush;
  #colours;
  #aspect;

  constructor(canvas, playing) {
    this.#canvas = canvas;
    this.#brush = canvas.getContext("2d");
    this.#colours = playing.colours;
    this.#aspect = playing.aspect;
  }

  /** As many dots as the place it has, so that lines stay sharp. */
  fit() {
    const width = Math.round(this.#canvas.clientWidth * devicePixelRatio) || 640;
    if (this.#canvas.width !== width) {
      this.#canvas.width = width;
      this.#canvas.height = Math.round(width / this.#aspect);
    }
  }

  draw(drawing, { alpha = 1, shift = 0, until = 1 } = {}) {
    const brush = this.#brush;
    const scale = this.#canvas.height / UNITS;
    brush.save();
    brush.globalAlpha = alpha;
    brush.beginPath();
    brush.rect(0, 0, this.#canvas.width * until, this.#canvas.height);
    brush.clip();
    brush.translate(shift * this.#canvas.width, 0);
    brush.scale(scale, scale);
    brush.lineCap = "round";
    brush.lineJoin = "round";
    drawing.shapes.forEach((shape) => this.#shape(shape));
    brush.restore();
  }

  #shape([letter, role, ...at]) {
    const brush = this.#brush;
    brush.fillStyle = this.#colours[role];
    brush.strokeStyle = this.#colours[role];
    brush.beginPath();
    if (letter === "a") {
      for (let i = 0; i < at.length; i += 2) {
        brush.lineTo(at[i], at[i + 1]);
      }
      brush.closePath();
      brush.fill();
      brush.lineWidth = 2;
      brush.stroke();
    } else if (letter === "s") {
      brush.lineWidth = at[4];
      brush.moveTo(at[0], at[1]);
      brush.lineTo(at[2], at[3]);
      brush.stroke();
    } else {
      brush.arc(at[0], at[1], at[2], 0, 2 * Math.PI);
      brush.fill();
    }
  }

  /** Something dark passes close to the camera. */
  pass(share) {
    const width = this.#canvas.width;
    this.#brush.fillStyle = this.#colours.FOREGROUND_EDGE;
    this.#brush.fillRect((share * 3 - 1.5) * width, 0, width * 1.5, this.#canvas.height);
  }

  ring(eye) {
    const brush = this.#brush;
    const scale = this.#canvas.height / UNITS;
    brush.lineWidth = 14 * scale;
    brush.strokeStyle = this.#colours.EYE;
    brush.beginPath();
    brush.arc(eye[0] * scale, eye[1] * scale, 55 * scale, 0, 2 * Math.PI);
    brush.stroke();
  }
}

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

const ONLY_CALM = "(prefers-reduced-motion: reduce)";

/** Wires a player's buttons, caption and keys inside an element; `more` are buttons that only some pages have. */
export function connectPlayer(root, playing, more = {}) {
  const player = new Player(root.querySelector("[data-screen]"), playing, {}, matchMedia(ONLY_CALM).matches);
  const caption = root.querySelector("[data-caption]");
  const button = (what) => root.querySelector(`[data-do="${what}"]`);
  const seconds = (frames) => (frames / playing.rate).toFixed(1);

  function tell() {
    const use = playing.uses[player.shown];
    // While it plays nobody wants every use read out.
    caption.setAttribute("aria-live", player.runs ? "off" : "polite");
    caption.textContent = use
      ? `${player.shown + 1} of ${playing.uses.length} · ${use.code} ${use.action}${use.pace === "real time" ? "" : `, ${use.pace}`} · ${seconds(player.frame)} of ${seconds(playing.frames)} s`
      : "Nothing is cut yet.";
    button("play").textContent = player.runs ? "Pause" : "Play";
    button("half").setAttribute("aria-pressed", String(player.pace < 1));
  }

  const does = {
    play: () => (player.runs ? player.pause() : player.play()),
    back: () => player.step(-1),
    on: () => player.step(1),
    half: () => player.setPace(player.pace < 1 ? 1 : 0.5),
    ...more,
  };
  const keys = { " ": "play", ArrowLeft: "back", ArrowRight: "on", h: "half", l: "loop", e: "eyes", c: "click" };
  const press = (what) => what in does && button(what) && does[what](player, button(what));

  const gone = new AbortController();
  root.addEventListener("click", (event) => press(event.target.closest?.("[data-do]")?.dataset.do), { signal: gone.signal });
  document.addEventListener(
    "keydown",
    (event) => {
      const onControl = event.target.closest?.("input, select, textarea") || (event.key === " " && event.target.closest?.("button, a"));
      if (keys[event.key] && !onControl && !event.ctrlKey && !event.metaKey && !event.altKey) {
        event.preventDefault();
        press(keys[event.key]);
      }
    },
    { signal: gone.signal },
  );
  addEventListener("resize", () => player.draw(), { signal: gone.signal });
  player.addEventListener("moved", tell);
  player.addEventListener("changed", tell);
  player.draw();
  tell();
  return { player, end: () => (player.pause(), gone.abort()) };
}

const alone = document.getElementById("playing");
if (alone) {
  connectPlayer(document.querySelector("[data-player]"), JSON.parse(alone.textContent));
}
