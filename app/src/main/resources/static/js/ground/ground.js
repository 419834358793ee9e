// The plan: what stands on it is dragged, or moved with the arrow keys; a slider moves the sun.
import { keepStepM, stepM } from "../web/lengths.js";
import { door, signal } from "../web/stage.js";
import { metres, readable } from "./plan.js";
import { connectUnder, marking } from "./under.js";

const BEGINS_AFTER_PX = 4;
const CM = 100;
const TURN_DEG = { fine: 1, coarse: 5 };
const SETTLES_MS = 250;

let dragged = null;

function keep() {
  return document.getElementById("ground-plan").dataset.keep;
}

/** Where something is put down that was taken up at one point and let go at another. */
function landed({ element, from }, to) {
  const { x, y } = element.dataset;
  return x === undefined ? to : { across: Number(x) + to.across - from.across, deep: Number(y) + to.deep - from.deep };
}

/** What putting something down comes to. */
function gesture(element, place) {
  const { put: kind, id } = element.dataset;
  const point = { id, across: place.across.toFixed(3), deep: place.deep.toFixed(3) };
  return kind === "stand"
    ? { gesture: "put-stand", arguments: { ...point, keep: keep() } }
    : { gesture: "put-thing", arguments: { ...point, kind } };
}

function put(element, place) {
  const body = gesture(element, place);
  return door.edit("changes", () => body).catch((refusal) => door.tell(refusal.message));
}

/** What would be said of a camera where it is held: one question at a time, the latest last. */
class Beforehand {
  #asking = false;
  #next = null;
  #stopped = new AbortController();

  ask(element, place) {
    this.#next = { element, place };
    this.#go();
  }

  stop() {
    this.#stopped.abort();
    this.#next = null;
  }

  async #go() {
    if (this.#asking || this.#next === null) {
      return;
    }
    const { element, place } = this.#next;
    this.#next = null;
    this.#asking = true;
    const parameters = { ...door.parameters, shot: element.dataset.id };
    // What cannot be said beforehand is said when it is let go.
    await door.previewOf({ ...gesture(element, place), parameters }, this.#stopped.signal).catch(() => {});
    this.#asking = false;
    this.#go();
  }
}

function begin(event) {
  const element = event.target.closest?.("[data-put]");
  if (element && event.button === 0 && !marking()) {
    dragged = { element, x: event.clientX, y: event.clientY, from: metres(event.clientX, event.clientY), moving: false };
  }
}

/** What a camera sees is turned round its subject, and as far away as the camera is. */
function wedgeFollows({ dataset }, moved) {
  const wedge = document.querySelector(`[data-wedge="${dataset.id}"]`);
  const subject = document.querySelector(`[data-put=action][data-id="${dataset.action}"]`);
  if (!moved || !wedge || !subject) {
    wedge?.removeAttribute("transform");
    return;
  }
  const [x, y] = [subject.cx.baseVal.value, subject.cy.baseVal.value];
  const [fromX, fromY] = dataset.at.split(" ").map(Number);
  const before = { x: fromX - x, y: fromY - y };
  const now = { x: before.x + moved.x, y: before.y + moved.y };
  const turn = ((Math.atan2(now.y, now.x) - Math.atan2(before.y, before.x)) * 180) / Math.PI;
  const larger = Math.hypot(now.x, now.y) / Math.hypot(before.x, before.y);
  wedge.setAttribute("transform", `translate(${x} ${y}) rotate(${turn}) scale(${larger}) translate(${-x} ${-y})`);
}

/** The thing follows by its transform alone; what follows from it is drawn anew when it is let go. */
function drag(event) {
  if (!dragged) {
    return;
  }
  const { element, x, y } = dragged;
  if (!dragged.moving && Math.hypot(event.clientX - x, event.clientY - y) < BEGINS_AFTER_PX) {
    return;
  }
  if (!dragged.moving) {
    dragged.moving = true;
    dragged.beforehand = new Beforehand();
    element.setPointerCapture(event.pointerId);
    element.classList.add("is-dragged");
  }
  const to = metres(event.clientX, event.clientY);
  const moved = { x: (to.across - dragged.from.across) * CM, y: -(to.deep - dragged.from.deep) * CM };
  if (element.dataset.put === "stand") {
    wedgeFollows(element, moved);
    dragged.beforehand.ask(element, landed(dragged, to));
  }
  element.setAttribute("transform", `translate(${moved.x} ${moved.y})`);
}

async function end(event) {
  const drop = dragged;
  dragged = null;
  if (!drop?.moving) {
    return;
  }
  drop.beforehand.stop();
  drop.element.classList.remove("is-dragged");
  if (event.type === "pointerup") {
    // The link under the pointer is not what was meant.
    addEventListener("click", (click) => click.preventDefault(), { capture: true, once: true, signal: AbortSignal.timeout(0) });
    await put(drop.element, landed(drop, metres(event.clientX, event.clientY)));
  }
  drop.element.removeAttribute("transform");
  if (drop.element.dataset.put === "stand") {
    wedgeFollows(drop.element, null);
  }
}

const TURNS = { ArrowLeft: -1, ArrowRight: 1 };
const STEPS = { ArrowUp: "in", ArrowDown: "back" };

async function key(event) {
  const stand = event.target.closest?.("[data-stand]");
  if (!stand || event.altKey || event.ctrlKey || event.metaKey || !(event.key in TURNS || event.key in STEPS)) {
    return;
  }
  event.preventDefault();
  event.stopPropagation();
  const id = stand.dataset.stand;
  const size = event.shiftKey ? "coarse" : "fine";
  const way = event.key in TURNS ? { turn: String(TURNS[event.key] * TURN_DEG[size]) } : { way: STEPS[event.key] };
  const body = { gesture: "put-stand", arguments: { id, keep: keep(), ...way } };
  await door.edit("changes", () => body).catch((refusal) => door.tell(refusal.message));
  document.querySelector(`[data-stand="${id}"]`)?.focus();
}

let settling = 0;

function clock(minute) {
  return `${String(Math.floor(minute / 60)).padStart(2, "0")}:${String(minute % 60).padStart(2, "0")}`;
}

/** A day of a year, by its number from 1. */
function day(year, number) {
  return new Intl.DateTimeFormat("en-GB", { day: "numeric", month: "short", timeZone: "UTC" }).format(Date.UTC(year, 0, number));
}

function sun({ target }) {
  if (!target.matches("[data-sun]")) {
    return;
  }
  const { sun: what, year } = target.dataset;
  const said = what === "at" ? clock(Number(target.value)) : day(Number(year), Number(target.value));
  document.querySelector(`[data-sun-said=${what}]`).textContent = said;
  clearTimeout(settling);
  settling = setTimeout(() => door.select({ [what]: target.value }), SETTLES_MS);
}

document.addEventListener("pointerdown", begin, { signal });
document.addEventListener("pointermove", drag, { signal });
// Parts of a drawing cannot say by themselves that a finger on them does not scroll the page.
document.addEventListener("touchmove", (event) => dragged && event.preventDefault(), { signal, passive: false });
document.addEventListener("pointerup", end, { signal });
document.addEventListener("pointercancel", end, { signal });
document.addEventListener("keydown", key, { signal, capture: true });
document.addEventListener("input", sun, { signal });

function step({ target }) {
  if (target.matches("[data-step]") && Number(target.value) > 0) {
    keepStepM(Number(target.value));
  }
}

function showStep() {
  document.querySelectorAll("[data-step]").forEach((field) => (field.value = stepM()));
}

document.addEventListener("change", step, { signal });
door.addEventListener("shown", showStep, { signal });
showStep();
connectUnder();
door.addEventListener("shown", readable, { signal });
addEventListener("resize", readable, { signal });
readable();
