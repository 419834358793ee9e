// Drawings that come after their page: frames stand in it empty, with their words, and are filled some dozen at a time, those
// in the window first. What was drawn once is kept by what it shows, so that an edit asks for the changed ones alone.

const AT_ONCE = 40;
const MOST_KEPT = 3000;

/** The empty frames of the page, nearest to the window first. */
function empty() {
  const middle = innerHeight / 2;
  return [...document.querySelectorAll("svg[data-late]")]
    .filter((frame) => frame.childElementCount === 0)
    .map((frame) => ({ frame, away: Math.abs(frame.getBoundingClientRect().top - middle) }))
    .sort((one, other) => one.away - other.away)
    .map(({ frame }) => frame);
}

export function connectLate(door, signal) {
  const kept = new Map();
  let asking = false;

  function fill(frame) {
    const drawing = kept.get(frame.dataset.late);
    if (drawing === undefined) {
      return false;
    }
    const read = new DOMParser().parseFromString(`<svg>${drawing}</svg>`, "text/html").querySelector("svg");
    frame.replaceChildren(...read.childNodes);
    return true;
  }

  async function ask(frames) {
    const shots = new Map(frames.map((frame) => [frame.dataset.late, frame.dataset.shot]));
    const query = new URLSearchParams({ shots: [...shots.values()].join(","), keys: [...shots.keys()].join(",") });
    const answer = await door.drawings(query, signal);
    if (kept.size > MOST_KEPT) {
      kept.clear();
    }
    Object.entries(answer).forEach(([key, drawing]) => kept.set(key, drawing));
    // What has changed meanwhile comes with the news of it.
    [...shots.keys()].filter((key) => !kept.has(key)).forEach((key) => kept.set(key, ""));
  }

  async function fillAll() {
    if (asking) {
      return;
    }
    asking = true;
    try {
      for (let missing = empty().filter((frame) => !fill(frame)); missing.length > 0 && !signal.aborted; ) {
        await ask(missing.slice(0, AT_ONCE));
        missing = empty().filter((frame) => !fill(frame));
        if (missing.every((frame) => kept.has(frame.dataset.late))) {
          break;
        }
      }
    } catch {
      // The words stand without them; the next answer tries again.
    } finally {
      asking = false;
    }
  }

  door.addEventListener("shown", fillAll, { signal });
  fillAll();
}
