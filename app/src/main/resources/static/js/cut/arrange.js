// Arrange for me: the cut as it is, and above each other as it would be in several manners, before anything is taken.

/** The first is shown as soon as it is there, the others are searched for side by side meanwhile. */
const TURNS = [["PLACE_FIRST"], ["DETAIL_FIRST", "FEWER"]];

export function connectArrange(door, signal) {
  const dialog = document.getElementById("arranging");
  const note = dialog.querySelector("[data-arrange-note]");
  const place = dialog.querySelector("[data-arrange-place]");
  const another = dialog.querySelector("[data-arrange-another]");
  let seed = 0;

  async function read(manner) {
    const page = await door.readPage(`cut/arranged?seed=${seed}&manner=${manner}`);
    return new DOMParser().parseFromString(page, "text/html").querySelector("[data-arranged]");
  }

  /** What a manner gave, with what is said once for all of them before the first. */
  function parts(found, first) {
    const once = first ? ["[data-arranged-nothing]", "[data-arranged-before]", "[data-arranged-pinned]"] : [];
    const shown = [...once, "[data-arranged-after]"].map((part) => found.querySelector(part)).filter(Boolean);
    shown.forEach((part) => {
      part.querySelectorAll("[data-width]").forEach((use) => (use.style.inlineSize = `${use.dataset.width}%`));
      part.querySelectorAll("[data-from]").forEach((bar) => (bar.style.insetInlineStart = `${bar.dataset.from}%`));
    });
    return shown;
  }

  async function look() {
    seed += 1;
    another.disabled = true;
    place.replaceChildren();
    try {
      for (const turn of TURNS) {
        note.textContent = `Searching for cuts that follow the music and the schools: ${turn === TURNS[0] ? "the first" : "two more"}…`;
        const found = await Promise.all(turn.map(read));
        found.forEach((one) => place.append(...parts(one, turn === TURNS[0])));
        if (found[0].dataset.nothing === "true") {
          note.textContent = "";
          return;
        }
      }
      place.dataset.seed = seed;
      note.textContent = "Nothing is changed until you take one; one undo brings the old cut back.";
      another.disabled = false;
    } catch (problem) {
      note.textContent = problem.message || "That did not work.";
    }
  }

  function open() {
    seed = 0;
    dialog.showModal();
    look();
  }

  async function taken(manner) {
    const body = { gesture: "arrange", arguments: { seed: String(seed), manner } };
    dialog.close();
    await door.edit("changes", () => body).catch((refusal) => door.tell(refusal.message));
  }

  document.addEventListener("click", (event) => event.target.closest?.("[data-arrange]") && open(), { signal });
  place.addEventListener(
    "click",
    (event) => {
      const take = event.target.closest("[data-arrange-take]");
      if (take) {
        taken(take.dataset.arrangeTake);
      }
    },
    { signal },
  );
  another.addEventListener("click", look, { signal });
  dialog.querySelector("[data-arrange-close]").addEventListener("click", () => dialog.close(), { signal });
}
