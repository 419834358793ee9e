// Single keys for the planner: ignored in fields, with modifiers, in dialogs, and when they are switched off.

const OFF = "upshot-keys-off";

function inField(target) {
  return target.closest?.("input, select, textarea, dialog, [contenteditable]") !== null;
}

/** The walkable element next to the focused one: in reading order sideways, by position up and down. */
export function neighbour(elements, current, key) {
  const index = elements.indexOf(current);
  if (index < 0) {
    return elements[0];
  }
  if (key === "ArrowLeft" || key === "ArrowRight") {
    return elements[index + (key === "ArrowRight" ? 1 : -1)];
  }
  const here = current.getBoundingClientRect();
  const sign = key === "ArrowDown" ? 1 : -1;
  const beyond = elements
    .map((element) => ({ element, box: element.getBoundingClientRect() }))
    .filter(({ box }) => sign * (box.top - here.top) > here.height / 2);
  const cost = (box) => Math.abs(box.top - here.top) * 4 + Math.abs(box.left - here.left);
  return beyond.sort((one, other) => cost(one.box) - cost(other.box))[0]?.element;
}

function walk(key) {
  const elements = [...document.querySelectorAll("[data-walk]")];
  const chosen = document.querySelector("[data-walk][aria-current=true]");
  const focused = document.activeElement?.closest?.("[data-walk]");
  const next = neighbour(elements, focused ?? chosen, key);
  next?.focus();
  if (next?.matches("a")) {
    next.click();
  }
}

/** From what is chosen to the panel that tells of it, and back. */
function jump() {
  const panel = document.getElementById("panel");
  const chosen = document.querySelector("main .work [aria-current=true]") ?? document.querySelector("[data-walk]");
  (panel?.contains(document.activeElement) ? chosen : panel)?.focus();
}

function act(event) {
  const key = event.key.length === 1 ? event.key.toLowerCase() : event.key;
  if (/^[1-7]$/.test(key)) {
    document.querySelector(`.lane [data-digit="${key}"]`)?.click();
  } else if (key === "?") {
    document.getElementById("keys").showModal();
  } else if (key === "u" || key === "r") {
    document.querySelector(`[data-step=${key === "u" ? "undo" : "redo"}]`)?.click();
  } else if (key === "g") {
    jump();
  } else if (key.startsWith("Arrow") && document.querySelector("[data-walk]")) {
    event.preventDefault();
    walk(key);
  } else if (/^[a-z]$/.test(key)) {
    document.querySelector(`[data-key=${key}]:not([disabled])`)?.click();
  }
}

export function connectKeys(signal) {
  const off = document.getElementById("keys-off");
  off.checked = localStorage.getItem(OFF) === "true";
  off.addEventListener("change", () => localStorage.setItem(OFF, String(off.checked)), { signal });
  const button = document.getElementById("keys-button");
  button.addEventListener("click", () => document.getElementById("keys").showModal(), { signal });
  document.addEventListener(
    "keydown",
    (event) => {
      const modified = event.ctrlKey || event.metaKey || event.altKey;
      if (event.key === "Escape" && inField(event.target)) {
        // Out of the field, so that single keys work again.
        event.target.blur();
      } else if (!off.checked && !modified && !inField(event.target)) {
        act(event);
      }
    },
    { signal },
  );
}
