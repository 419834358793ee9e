// Things of a list in another order: dragged by their grip, or moved with the arrow keys on it.

const BEGINS_AFTER_PX = 5;

/**
 * @param name of the data attribute that tells what is moved from one another; each has a [data-grip] inside
 * @param placeAt where it would land at a height of the window: { list, position, before }, or null
 * @param over told each place that it is dragged over, with the item
 * @param drop told where it was let go, with the item; the place last shown by the mark is where it goes
 * @param step told "ArrowUp" or "ArrowDown" pressed on a grip, with the item; may take its time
 * @param ended told when nothing is dragged any more
 */
export function connectGrips({ name, placeAt, over = () => {}, drop, step, ended = () => {} }, signal) {
  const item = `[data-${name}]`;
  const mark = document.createElement("li");
  mark.className = "drop-mark";
  mark.setAttribute("aria-hidden", "true");
  let dragged = null;

  function begin(event) {
    const grip = event.target.closest?.("[data-grip]");
    if (grip && event.button === 0) {
      dragged = { element: grip.closest(item), y: event.clientY, moving: false, place: null };
      grip.setPointerCapture(event.pointerId);
    }
  }

  function drag(event) {
    if (!dragged || (!dragged.moving && Math.abs(event.clientY - dragged.y) < BEGINS_AFTER_PX)) {
      return;
    }
    dragged.moving = true;
    dragged.element.classList.add("is-dragged");
    const place = placeAt(event.clientY, dragged.element);
    if (place) {
      place.list.insertBefore(mark, place.before);
      dragged.place = place;
      over(dragged.element, place);
    }
  }

  function end(event) {
    const { element, place } = dragged ?? {};
    element?.classList.remove("is-dragged");
    mark.remove();
    dragged = null;
    ended();
    if (place && event.type === "pointerup") {
      drop(element, place);
    }
  }

  async function key(event) {
    const grip = event.target.closest?.("[data-grip]");
    if (grip && ["ArrowUp", "ArrowDown"].includes(event.key)) {
      event.preventDefault();
      event.stopPropagation();
      const moved = grip.closest(item);
      const id = moved.dataset[name];
      await step(moved, event.key);
      document.querySelector(`[data-${name}="${id}"] [data-grip]`)?.focus();
    }
  }

  document.addEventListener("pointerdown", begin, { signal });
  document.addEventListener("pointermove", drag, { signal });
  document.addEventListener("pointerup", end, { signal });
  document.addEventListener("pointercancel", end, { signal });
  document.addEventListener("keydown", key, { signal, capture: true });
}
