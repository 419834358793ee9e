// The rest of the day anew, on this phone: the day's own numbers, by a counted number of changes, from where one stands.

const CHANGES = 20_000;
const MINUTE_MS = 60_000;

/** Where the crew stands, as the day's numbers want it behind their own. */
function standing(day, state, nowMs) {
  const minute = (ms) => Math.ceil((ms - day.callMs) / MINUTE_MS);
  const done = day.setups.flatMap(({ index }, place) => (index >= 0 && state.setups[place].left ? [index] : []));
  const taken = state.takes.filter(({ shot }) => shot >= 0).at(-1);
  const last = taken ? (day.setups[day.shots[taken.shot].setup]?.index ?? -1) : -1;
  const since = (meal) => Math.max(0, ...day.pauses.filter((pause) => pause.untilMs <= nowMs && (pause.meal || !meal)).map(({ untilMs }) => minute(untilMs)));
  return [minute(nowMs), last, done.length, ...done, since(false), since(true)];
}

/** What an answer says of the first crew: a list of places in the problem with their minutes. */
function rowsOf(day, numbers) {
  const placeOf = new Map(day.setups.map(({ index }, place) => [index, place]));
  const ms = (minutes) => day.callMs + minutes * MINUTE_MS;
  return Array.from({ length: numbers[6] }, (none, row) => {
    const [index, ready, roll, end] = numbers.slice(7 + 4 * row, 11 + 4 * row);
    return { setup: placeOf.get(index), readyMs: ms(ready), rollMs: ms(roll), endMs: ms(end) };
  });
}

/** Marks the fewest rows of which one can say that they moved: all others still follow each other as they did. */
function moved(rows, order) {
  const before = new Map(order.map((setup, place) => [setup, place]));
  const longest = rows.map(() => 1);
  const previous = rows.map(() => -1);
  rows.forEach(({ setup }, place) => {
    for (let earlier = 0; earlier < place; earlier++) {
      if (before.get(rows[earlier].setup) < before.get(setup) && longest[earlier] + 1 > longest[place]) {
        longest[place] = longest[earlier] + 1;
        previous[place] = earlier;
      }
    }
  });
  const stayed = new Set();
  for (let place = longest.indexOf(Math.max(...longest)); place >= 0; place = previous[place]) {
    stayed.add(place);
  }
  return rows.map((row, place) => ({ ...row, moved: !stayed.has(place) }));
}

export class Late {
  #worker;
  #asked = 0;

  /** Whether this day can be ordered here at all. */
  static can(day) {
    return day.problem.length > 0 && day.callMs > 0;
  }

  /** What is left in the best order that was found; other seeds look elsewhere. */
  order(day, state, nowMs, seed) {
    this.#worker ??= new Worker(new URL("../day/numbers.js", import.meta.url), { type: "module" });
    const id = ++this.#asked;
    return new Promise((done, failed) => {
      const answered = ({ data }) => {
        if (data.id !== id) {
          return;
        }
        this.#worker.removeEventListener("message", answered);
        if (data.failed) {
          failed(new Error(data.failed));
          return;
        }
        const rows = moved(rowsOf(day, data.order), state.order);
        const kept = new Set(rows.map(({ setup }) => setup));
        done({ rows, letGo: state.order.filter((setup) => !state.setups[setup].left && !kept.has(setup)), atMs: nowMs });
      };
      this.#worker.addEventListener("message", answered);
      this.#worker.addEventListener("error", () => failed(new Error("The order cannot be worked out here.")), { once: true });
      this.#worker.postMessage({ id, call: "rest", problem: [...day.problem, ...standing(day, state, nowMs)], seed, changes: CHANGES });
    });
  }
}
