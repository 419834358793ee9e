// Actions in another order, within their beat or into another.
import { connectGrips } from "../web/grips.js";

/** Where an action would land: before which one of which beat. */
function placeAt(y) {
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
  function move(item, extra) {
    const body = { gesture: "move-action", arguments: { id: item.dataset.action, ...extra } };
    return door.edit("changes", () => body).catch((refusal) => door.tell(refusal.message));
  }

  connectGrips(
    {
      name: "action",
      placeAt,
      drop: (item, place) => move(item, { beatId: place.list.dataset.actions, position: String(place.position) }),
      step: (item, key) => move(item, { way: key === "ArrowUp" ? "up" : "down" }),
    },
    signal,
  );
}
