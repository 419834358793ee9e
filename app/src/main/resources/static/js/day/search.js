// The search for a better order: it goes on at the server while this page is elsewhere.

const ASK_AGAIN_MS = 400;

/** How long it waits at most before it asks again when no answer comes. */
const LONGEST_WAIT_MS = 10_000;

export function connectSearch(door, signal) {
  const dialog = document.getElementById("searching");
  const form = dialog.querySelector("[data-search-form]");
  const place = dialog.querySelector("[data-search-place]");
  const [stop, take, forget] = ["stop", "take", "forget"].map((what) => dialog.querySelector(`[data-search-${what}]`));
  const strip = document.querySelector("[data-search-strip]");
  const words = strip.querySelector("[data-search-words]");
  let waiting = 0;

  async function look() {
    clearTimeout(waiting);
    const page = new DOMParser().parseFromString(await door.readPage("day/search"), "text/html");
    const found = page.querySelector("[data-found]");
    const running = found.dataset.running === "true";
    place.replaceChildren(found);
    stop.disabled = !running;
    take.disabled = running || found.dataset.better !== "true" || found.dataset.stale === "true";
    forget.disabled = running || found.dataset.nothing === "true";
    strip.hidden = found.dataset.nothing === "true";
    if (words.textContent !== found.dataset.words) {
      words.textContent = found.dataset.words;
    }
    if (running) {
      again(ASK_AGAIN_MS);
    }
  }

  /** The search goes on at the server whether an answer comes or not, so it is asked about again and again. */
  function again(waitMs) {
    if (!signal.aborted) {
      waiting = setTimeout(() => look().catch(() => again(Math.min(2 * waitMs, LONGEST_WAIT_MS))), waitMs);
    }
  }

  async function say(work) {
    try {
      await work();
      await look();
    } catch (refusal) {
      place.textContent = refusal.message || "That did not work.";
    }
  }

  function open() {
    dialog.showModal();
    say(async () => {});
  }

  form.addEventListener(
    "submit",
    (event) => {
      event.preventDefault();
      say(() => door.ask("day/search", Object.fromEntries(new FormData(form))));
    },
    { signal },
  );
  stop.addEventListener("click", () => say(() => door.ask("day/search/stop", {})), { signal });
  forget.addEventListener("click", () => say(() => door.ask("day/search/forget", {})), { signal });
  take.addEventListener(
    "click",
    () =>
      say(async () => {
        await door.edit("changes", () => ({ gesture: "take-order", arguments: { job: take.dataset.job } }));
        await door.ask("day/search/forget", {});
        dialog.close();
      }),
    { signal },
  );
  document.addEventListener("click", (event) => event.target.closest?.("button[data-search]") && open(), { signal });
  signal.addEventListener("abort", () => clearTimeout(waiting));
  look().catch(() => again(ASK_AGAIN_MS));
}
