// Setups in another order. What a drop would break is said before.
import { connectGrips } from "../web/grips.js";

/** Where a setup would land among the others of its crew. */
function placeAt(y, dragged) {
  const list = dragged.closest("[data-crew]");
  const others = [...list.querySelectorAll("[data-setup]:not(.is-dragged)")];
  const next = others.findIndex((one) => {
    const box = one.getBoundingClientRect();
    return y < box.top + box.height / 2;
  });
  return { list, position: next < 0 ? others.length : next, before: others[next] ?? list.querySelector(".slot-end") };
}

export function connectMoving(door, signal) {
  let asked = -1;

  async function say(item, { position }) {
    if (position === asked) {
      return;
    }
    asked = position;
    const query = new URLSearchParams({ id: item.dataset.setup, to: position });
    const moved = await door.read(`day/moved?${query}`).catch(() => ({ words: "What this would break is not known right now.", breaks: false }));
    if (asked === position) {
      const words = document.querySelector("[data-move-words]");
      words.textContent = moved.words;
      words.classList.toggle("is-breaking", moved.breaks);
      words.hidden = false;
    }
  }

  function hush() {
    asked = -1;
    document.querySelectorAll("[data-move-words]").forEach((words) => (words.hidden = true));
  }

  function move(item, extra) {
    const body = { gesture: "move-setup", arguments: { id: item.dataset.setup, ...extra } };
    return door.edit("changes", () => body).catch((refusal) => door.tell(refusal.message));
  }

  connectGrips(
    {
      name: "setup",
      placeAt,
      over: say,
      drop: (item, place) => move(item, { to: String(place.position) }),
      step: (item, key) => move(item, { way: key === "ArrowUp" ? "earlier" : "later" }),
      ended: hush,
    },
    signal,
  );
}
