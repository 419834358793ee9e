// Editing on the score itself: the chosen use's end, any joint and any use are dragged; it says first where they would land.

const FAR_ENOUGH_PX = 6;

const tiles = () => [...document.querySelectorAll(".tiles[data-from]")];

/** The frame under a point of the score, and the line it lies on. */
function frameAt(x, y) {
  const lines = tiles().map((line) => ({ line, box: line.getBoundingClientRect() }));
  const near = lines.sort((one, other) => Math.abs(one.box.top + one.box.height / 2 - y) - Math.abs(other.box.top + other.box.height / 2 - y))[0];
  const share = Math.min(1, Math.max(0, (x - near.box.left) / near.box.width));
  const from = Number(near.line.dataset.from);
  return { frame: Math.round(from + share * (Number(near.line.dataset.until) - from)), line: near.line };
}

/** The nearest place of the grid; an empty grid has every frame. */
export function snapped(frame, grid) {
  return grid.length === 0 ? frame : grid.reduce((best, place) => (Math.abs(place - frame) < Math.abs(best - frame) ? place : best), grid[0]);
}

/** The uses in edit order, each once, without what a line's end repeats. */
function uses() {
  const seen = new Map();
  for (const tile of document.querySelectorAll(".tile[data-id]")) {
    seen.set(tile.dataset.id, { id: tile.dataset.id, code: tile.dataset.code, place: Number(tile.dataset.place), start: Number(tile.dataset.start), end: Number(tile.dataset.end) });
  }
  return [...seen.values()].sort((one, other) => one.place - other.place);
}

/** Between which uses a frame falls: 0 before the first. */
export function gapAt(frame, all) {
  const edges = [...all.map((use) => use.start), all.at(-1)?.end ?? 0];
  return edges.reduce((best, edge, at) => (Math.abs(edge - frame) < Math.abs(edges[best] - frame) ? at : best), 0);
}

/** A line where something would land. */
class Drop {
  #mark = document.createElement("span");
  #label = document.createElement("span");

  constructor() {
    this.#mark.className = "drop";
    this.#label.className = "drop-label";
    this.#mark.append(this.#label);
  }

  show(line, frame, text) {
    const from = Number(line.dataset.from);
    const share = (frame - from) / (Number(line.dataset.until) - from);
    this.#mark.style.insetInlineStart = `${100 * share}%`;
    this.#mark.classList.toggle("is-first", share < 0.08);
    this.#mark.classList.toggle("is-last", share > 0.92);
    this.#label.textContent = text;
    if (this.#mark.parentElement !== line) {
      line.append(this.#mark);
    }
  }

  remove() {
    this.#mark.remove();
  }
}

export function connectScore(door, signal) {
  let drag = null;
  let dragged = false;

  const grid = () => JSON.parse(document.getElementById("score").dataset.grid || "[]");
  const use = (id) => uses().find((one) => one.id === id);

  /** What is being dragged: how it lands, how that is said, and what is asked of the server. */
  function begun(event) {
    const edge = event.target.closest(".edge");
    const joint = event.target.closest(".joint");
    const tile = event.target.closest(".tile");
    if (edge) {
      const { id, start, code } = use(edge.closest(".tile").dataset.id);
      return {
        land: (frame) => Math.max(start + 1, snapped(frame, grid())),
        say: (frame) => `${code} ${frame - start} frames`,
        ask: (frame) => ({ gesture: "length-use", arguments: { id, end: String(frame) } }),
      };
    }
    if (joint) {
      const into = use(joint.dataset.into);
      const out = uses()[into.place - 1];
      return {
        land: (frame) => Math.min(into.end - 1, Math.max(out.start + 1, snapped(frame, grid()))),
        say: (frame) => `${out.code} ${frame - out.start}, ${into.code} ${into.end - frame} frames`,
        ask: (frame) => ({ gesture: "roll-joint", arguments: { id: into.id, to: String(frame) } }),
      };
    }
    const byFinger = event.pointerType !== "mouse";
    if (tile && (!byFinger || tile.classList.contains("is-chosen"))) {
      const { id, code, place } = use(tile.dataset.id);
      const target = (frame) => gapAt(frame, uses());
      return {
        land: (frame) => [...uses().map((one) => one.start), uses().at(-1).end][target(frame)],
        say: (frame) => `${code} to place ${(target(frame) > place ? target(frame) - 1 : target(frame)) + 1}`,
        ask: (frame) => ({ gesture: "move-use", arguments: { id, to: String(target(frame) > place ? target(frame) - 1 : target(frame)) } }),
      };
    }
    return null;
  }

  function down(event) {
    if (event.button !== 0 || !event.target.closest("#score")) {
      return;
    }
    const what = begun(event);
    if (what) {
      drag = { what, x: event.clientX, y: event.clientY, drop: null, frame: null, pointer: event.pointerId };
    }
  }

  function move(event) {
    if (!drag || event.pointerId !== drag.pointer) {
      return;
    }
    if (!drag.drop && Math.hypot(event.clientX - drag.x, event.clientY - drag.y) < FAR_ENOUGH_PX) {
      return;
    }
    drag.drop ??= new Drop();
    document.body.classList.add("is-dragging");
    const { frame, line } = frameAt(event.clientX, event.clientY);
    drag.frame = drag.what.land(frame);
    drag.drop.show(line, drag.frame, drag.what.say(drag.frame));
  }

  function finish() {
    drag?.drop?.remove();
    document.body.classList.remove("is-dragging");
    drag = null;
  }

  function up(event) {
    if (!drag || event.pointerId !== drag.pointer) {
      return;
    }
    const { what, frame } = drag;
    finish();
    if (frame !== null) {
      dragged = true;
      setTimeout(() => (dragged = false));
      const body = what.ask(frame);
      door.edit("changes", () => body).catch((refusal) => door.tell(refusal.message));
    }
  }

  document.addEventListener("pointerdown", down, { signal });
  document.addEventListener("pointermove", move, { signal });
  document.addEventListener("pointerup", up, { signal });
  document.addEventListener("pointercancel", finish, { signal });
  document.addEventListener("dragstart", (event) => event.target.closest?.("#score") && event.preventDefault(), { signal });
  document.addEventListener("keydown", (event) => event.key === "Escape" && finish(), { signal });
  // What was dragged is not pressed as well.
  document.addEventListener(
    "click",
    (event) => {
      if (dragged) {
        event.preventDefault();
        event.stopPropagation();
      }
    },
    { signal, capture: true },
  );
}
