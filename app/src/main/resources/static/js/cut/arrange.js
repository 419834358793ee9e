// Arrange for me: the cut as it is beside the cut as it would be, before anything is taken.

export function connectArrange(door, signal) {
  const dialog = document.getElementById("arranging");
  const note = dialog.querySelector("[data-arrange-note]");
  const place = dialog.querySelector("[data-arrange-place]");
  const take = dialog.querySelector("[data-arrange-take]");
  const another = dialog.querySelector("[data-arrange-another]");
  let seed = 0;

  async function look() {
    seed += 1;
    note.textContent = "Searching for a cut that follows the beats and the schools…";
    take.disabled = true;
    another.disabled = true;
    try {
      const page = new DOMParser().parseFromString(await door.readPage(`cut/arranged?seed=${seed}`), "text/html");
      const found = page.querySelector("[data-arranged]");
      place.replaceChildren(found);
      found.querySelectorAll("[data-width]").forEach((use) => (use.style.inlineSize = `${use.dataset.width}%`));
      const nothing = found.dataset.nothing === "true";
      note.textContent = nothing ? "" : "Nothing is changed until you take it; one undo brings the old cut back.";
      take.disabled = nothing;
      another.disabled = nothing;
    } catch (problem) {
      note.textContent = problem.message || "That did not work.";
    }
  }

  function open() {
    seed = 0;
    place.replaceChildren();
    dialog.showModal();
    look();
  }

  async function taken() {
    const body = { gesture: "arrange", arguments: { seed: String(seed) } };
    dialog.close();
    await door.edit("changes", () => body).catch((refusal) => door.tell(refusal.message));
  }

  document.addEventListener("click", (event) => event.target.closest?.("[data-arrange]") && open(), { signal });
  take.addEventListener("click", taken, { signal });
  another.addEventListener("click", look, { signal });
  dialog.querySelector("[data-arrange-close]").addEventListener("click", () => dialog.close(), { signal });
}
