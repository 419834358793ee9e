// Actions in another order: dragged by their number, or moved with the arrow keys on it.

const BEGINS_AFTER_PX = 5;

/** Where an action would land: before which one of which beat. */
function target(y) {
  for (const list of document.querySelectorAll("[data-actions]")) {
    const box = list.closest(".beat").getBoundingClientRect();
    if (y >= box.top && y < box.bottom) {
      const others = [...list.querySelectorAll("[data-action]:not(.is-dragged)")];
      const next = others.findIndex((one) => {
        const place = one.getBoundingClientRect();
        return y < place.top + place.height / 2;
      });
      return { list, position: next < 0 ? others.length : next, before: others[next] ?? null };
    }
  }
  return null;
}

export function connectDragging(door, signal) {
  const mark = document.createElement("li");
  mark.className = "drop-mark";
  mark.setAttribute("aria-hidden", "true");
  let dragged = null;

  function move(id, extra) {
    const body = { gesture: "move-action", arguments: { id, ...extra } };
    return door.edit("changes", () => body).catch((refusal) => door.tell(refusal.message));
  }

  function begin(event) {
    const grip = event.target.closest?.("[data-grip]");
    if (grip && event.button === 0) {
      dragged = { item: grip.closest("[data-action]"), grip, y: event.clientY, moving: false };
      grip.setPointerCapture(event.pointerId);
    }
  }

  function drag(event) {
    if (!dragged || (!dragged.moving && Math.abs(event.clientY - dragged.y) < BEGINS_AFTER_PX)) {
      return;
    }
    dragged.moving = true;
    dragged.item.classList.add("is-dragged");
    const place = target(event.clientY);
    if (place) {
      place.list.insertBefore(mark, place.before);
    }
  }

  function end(event) {
    const drop = dragged?.moving && event.type === "pointerup" ? target(event.clientY) : null;
    const id = dragged?.item.dataset.action;
    dragged?.item.classList.remove("is-dragged");
    mark.remove();
    dragged = null;
    if (drop) {
      move(id, { beatId: drop.list.dataset.actions, position: String(drop.position) });
    }
  }

  async function key(event) {
    const grip = event.target.closest?.("[data-grip]");
    const way = { ArrowUp: "up", ArrowDown: "down" }[event.key];
    if (grip && way) {
      event.preventDefault();
      event.stopPropagation();
      const id = grip.closest("[data-action]").dataset.action;
      await move(id, { way });
      document.querySelector(`[data-action="${id}"] [data-grip]`)?.focus();
    }
  }

  document.addEventListener("pointerdown", begin, { signal });
  document.addEventListener("pointermove", drag, { signal });
  document.addEventListener("pointerup", end, { signal });
  document.addEventListener("pointercancel", end, { signal });
  document.addEventListener("keydown", key, { signal, capture: true });
}
