// Loads the day as WebAssembly without what usually comes with it: that makes functions out of text, which the policy
// forbids. Numbers alone go in and out.

const MOST_BYTES = 2 ** 31 - 1;
const PAGE_BYTES = 65_536;

function fixed(value) {
  return new WebAssembly.Global({ value: "i32", mutable: false }, value);
}

/** How much memory it says it needs, apart from what the browser itself looks after. */
function memoryOf(module) {
  const [said] = WebAssembly.Module.customSections(module, "teavm.memoryRequirements");
  const { min, dataSize } = JSON.parse(new TextDecoder().decode(said));
  return {
    memory: new WebAssembly.Memory({ initial: min, maximum: Math.floor(MOST_BYTES / PAGE_BYTES) }),
    heapOffset: fixed(Math.ceil(dataSize / 8) * 8),
    maxSize: fixed(MOST_BYTES),
  };
}

function importsOf(module) {
  const { memory, heapOffset, maxSize } = memoryOf(module);
  return {
    env: { memory },
    teavmMemory: { heapOffset, maxSize, notifyHeapResized() {} },
    teavmMath: Math,
    teavmDate: { currentTimeMillis: () => Date.now() },
    // Names of exceptions pass as text; of their traces nothing is kept.
    teavm: { takeStackTrace: () => null, decorateException() {} },
    teavmJso: { stringBuiltinsSupported: () => 1, createFunction1: () => (text) => text, callFunction1: (call, text) => call(text) },
  };
}

/** The day with the calls that the script form has. */
export async function loadWasm(address) {
  const module = await WebAssembly.compileStreaming(fetch(address), { builtins: ["js-string"] });
  const { exports: day } = await WebAssembly.instantiate(module, importsOf(module));
  const answered = (problem, work) => {
    day.room(problem.length);
    problem.forEach((number, at) => day.put(at, number));
    return Float64Array.from({ length: work() }, (none, at) => day.get(at));
  };
  return {
    construct: (problem) => answered(problem, () => day.construct()),
    rest: (problem, seed, changes) => answered(problem, () => day.rest(seed, changes)),
    search: (problem, seed, changes) => answered(problem, () => day.search(seed, changes)),
  };
}
