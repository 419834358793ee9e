// What if: an assumption is looked at beside the day as it is, then kept or thrown away.
import { clearProblem, showProblem } from "../web/problems.js";

export function connectWhatIf(door, signal) {
  const dialog = document.getElementById("what-if");
  const form = dialog.querySelector("[data-what-if-form]");
  const place = dialog.querySelector("[data-what-if-place]");
  const keep = dialog.querySelector("[data-what-if-keep]");
  const usual = document.getElementById("usual");

  async function show(where, path) {
    const page = new DOMParser().parseFromString(await door.readPage(path), "text/html");
    const assumed = page.querySelector("[data-assumed]");
    if (assumed.dataset.problem) {
      throw new Error(assumed.dataset.problem);
    }
    where.replaceChildren(assumed);
  }

  function assumed() {
    return Object.fromEntries(new FormData(form));
  }

  async function look(event) {
    event.preventDefault();
    clearProblem(form.elements.time, form);
    try {
      await show(place, `day/what-if?${new URLSearchParams(assumed())}`);
      keep.disabled = false;
    } catch (problem) {
      showProblem(form.elements.time, problem.message || "The application does not answer. Try again.", form);
    }
  }

  function open() {
    place.replaceChildren();
    keep.disabled = true;
    dialog.showModal();
  }

  function changed() {
    form.querySelector("[data-who]").hidden = form.elements.what.value !== "LEAVES";
    place.replaceChildren();
    keep.disabled = true;
  }

  async function done(own, body) {
    own.close();
    await door.edit("changes", () => body).catch((refusal) => door.tell(refusal.message));
  }

  async function openUsual() {
    usual.showModal();
    await show(usual.querySelector("[data-usual-place]"), "day/usual");
  }

  form.addEventListener("submit", look, { signal });
  form.addEventListener("input", changed, { signal });
  keep.addEventListener("click", () => done(dialog, { gesture: "keep-what-if", arguments: assumed() }), { signal });
  usual.querySelector("[data-usual-take]").addEventListener("click", () => done(usual, { gesture: "forget-order", arguments: {} }), { signal });
  document.addEventListener(
    "click",
    (event) => {
      if (event.target.closest?.("[data-what-if]")) {
        open();
      } else if (event.target.closest?.("[data-usual]")) {
        openUsual();
      }
    },
    { signal },
  );
}
