// Controls that set one field of one record: saved when they change, drawn along while a slider moves.
import { clearProblem, showProblem } from "./problems.js";

const key = (control) => `${control.dataset.kind} ${control.dataset.id} ${control.dataset.field}`;

function valueOf(control) {
  if (control.type === "checkbox") {
    return control.checked;
  }
  return control.value.trim() === "" ? null : control.value;
}

function change(control, before) {
  const { kind, id, field } = control.dataset;
  return { op: "set", kind, id, field, before, after: valueOf(control) };
}

/** An empty text is a text; an empty anything else is nothing. */
function cleaned(step) {
  return step.after === null && typeof step.before === "string" && !/^\d{2}:\d{2}|^\d{4}-\d{2}-\d{2}$/.test(step.before)
    ? { ...step, after: "" }
    : step;
}

export function connectFields(door, signal) {
  // While a slider moves, previews overwrite what the page believes to be saved; this remembers what really is.
  const savedBefore = new Map();
  let previewing = null;

  const before = (control) =>
    savedBefore.has(key(control)) ? savedBefore.get(key(control)) : JSON.parse(control.dataset.before);

  function save(control) {
    previewing?.abort();
    const attempt = door.edit("changes", () => {
      const step = cleaned(change(control, before(control)));
      return String(step.before ?? "") === String(step.after ?? "") ? null : { changes: [step] };
    });
    attempt
      .then(() => clearProblem(control))
      .catch((refusal) => {
        const now = refusal.present === "" ? "" : ` It is ${refusal.present} now.`;
        showProblem(control, refusal.message + now);
      })
      .finally(() => savedBefore.delete(key(control)));
  }

  function preview(control) {
    savedBefore.set(key(control), before(control));
    previewing?.abort();
    previewing = new AbortController();
    door
      .preview([change(control, before(control))], previewing.signal)
      .catch((problem) => problem.name === "AbortError" || showProblem(control, problem.message));
  }

  const isField = (event) => event.target.matches?.("[data-set]");
  document.addEventListener("change", (event) => isField(event) && save(event.target), { signal });
  document.addEventListener(
    "input",
    (event) => isField(event) && "live" in event.target.dataset && preview(event.target),
    { signal },
  );
}
