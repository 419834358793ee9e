// Setups in another order: dragged by the grip, or moved with the arrow keys on it. What a drop would break is said before.

const BEGINS_AFTER_PX = 5;

/** Where a setup would land among the others of its crew. */
function target(list, dragged, y) {
  const others = [...list.querySelectorAll("[data-setup]")].filter((one) => one !== dragged);
  const next = others.findIndex((one) => {
    const box = one.getBoundingClientRect();
    return y < box.top + box.height / 2;
  });
  return { position: next < 0 ? others.length : next, before: others[next] ?? null };
}

export function connectMoving(door, signal) {
  const mark = document.createElement("li");
  mark.className = "drop-mark";
  mark.setAttribute("aria-hidden", "true");
  let dragged = null;
  let asked = -1;

  function words() {
    return document.querySelector("[data-move-words]");
  }

  async function say(id, position) {
    asked = position;
    const moved = await door.read(`day/moved?${new URLSearchParams({ id, to: position })}`).catch(() => null);
    if (moved && asked === position && dragged) {
      words().textContent = moved.words;
      words().classList.toggle("is-breaking", moved.breaks);
      words().hidden = false;
    }
  }

  function move(id, extra) {
    const body = { gesture: "move-setup", arguments: { id, ...extra } };
    return door.edit("changes", () => body).catch((refusal) => door.tell(refusal.message));
  }

  function begin(event) {
    const grip = event.target.closest?.("[data-grip]");
    if (grip && event.button === 0) {
      dragged = { item: grip.closest("[data-setup]"), y: event.clientY, moving: false };
      grip.setPointerCapture(event.pointerId);
    }
  }

  function drag(event) {
    if (!dragged || (!dragged.moving && Math.abs(event.clientY - dragged.y) < BEGINS_AFTER_PX)) {
      return;
    }
    dragged.moving = true;
    dragged.item.classList.add("is-dragged");
    const list = dragged.item.closest("[data-crew]");
    const place = target(list, dragged.item, event.clientY);
    list.insertBefore(mark, place.before ?? list.querySelector(".slot-end"));
    dragged.position = place.position;
    if (place.position !== asked) {
      say(dragged.item.dataset.setup, place.position);
    }
  }

  function end(event) {
    const { item, moving, position } = dragged ?? {};
    item?.classList.remove("is-dragged");
    mark.remove();
    if (words()) {
      words().hidden = true;
    }
    dragged = null;
    asked = -1;
    // Where the mark was shown is where it goes.
    if (moving && event.type === "pointerup") {
      move(item.dataset.setup, { to: String(position) });
    }
  }

  async function key(event) {
    const grip = event.target.closest?.("[data-grip]");
    const way = { ArrowUp: "earlier", ArrowDown: "later" }[event.key];
    if (grip && way) {
      event.preventDefault();
      event.stopPropagation();
      const id = grip.closest("[data-setup]").dataset.setup;
      await move(id, { way });
      document.querySelector(`[data-setup="${id}"] [data-grip]`)?.focus();
    }
  }

  document.addEventListener("pointerdown", begin, { signal });
  document.addEventListener("pointermove", drag, { signal });
  document.addEventListener("pointerup", end, { signal });
  document.addEventListener("pointercancel", end, { signal });
  document.addEventListener("keydown", key, { signal, capture: true });
}
