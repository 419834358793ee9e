// A worker that orders days by the server's own rules, compiled for browsers: as WebAssembly, or as JavaScript where that
// is not to be had. Takes {id, form, call, problem, …} and answers {id, form, order} or {id, failed}.
import { loadWasm } from "./wasm.js";

const CALLS = {
  construct: (day, { problem }) => day.construct(problem),
  search: (day, { problem, seed, changes }) => day.search(problem, seed, changes),
  rest: (day, { problem, seed, changes }) => day.rest(problem, seed, changes),
};

const loaded = new Map();

async function wasm() {
  return { form: "wasm", ...(await loadWasm(new URL("../day-numbers/day.wasm", import.meta.url))) };
}

async function script() {
  return { form: "js", ...(await import("../day-numbers/day.js")) };
}

/** One form by name, or the quicker that works here. */
function load(form) {
  const ways = { wasm, js: script, any: () => wasm().catch(script) };
  if (!loaded.has(form)) {
    loaded.set(form, ways[form]());
  }
  return loaded.get(form);
}

self.addEventListener("message", async ({ data }) => {
  try {
    const day = await load(data.form ?? "any");
    const order = CALLS[data.call](day, data);
    self.postMessage({ id: data.id, form: day.form, order });
  } catch (failed) {
    self.postMessage({ id: data.id, failed: String(failed) });
  }
});
