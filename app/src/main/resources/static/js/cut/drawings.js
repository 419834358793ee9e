// Which drawing of a cut is due at a frame, and how it gets onto a canvas.

/** Thousandths of the frame's height, in which the drawings come. */
const UNITS = 1000;
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
export class Screen {
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
