// Controls that set one field of one record: saved when they change, drawn along while a slider moves.
import { inMetres, paced } from "./lengths.js";
import { clearProblem, offerChoice, showProblem } from "./problems.js";

const DRAW_AFTER_MS = 40;
/** Arrow keys move a slider step by step; one movement is one edit. */
const SETTLED_AFTER_MS = 350;
/** A date changes with every digit of its year; it is saved after a pause, or when the field is left. */
const DATE_SETTLED_AFTER_MS = 1500;

function valueOf(control) {
  if (control.type === "checkbox") {
    return control.checked;
  }
  const value = "metres" in control.dataset ? inMetres(control.value) : control.value;
  return value.trim() === "" ? null : value;
}

/** What was counted in steps is marked as that, where the thing has such a mark. */
function alsoPaced(control) {
  const mark = document.querySelector(`[data-field=paced][data-id="${control.dataset.id}"]`);
  return "metres" in control.dataset && paced(control.value) && mark && !mark.checked ? [change(mark, true)] : [];
}

/** The step that a control stands for. An empty text is a text; an empty anything else is nothing. */
function change(control, after = valueOf(control)) {
  const { kind, id, field } = control.dataset;
  const before = JSON.parse(control.dataset.before);
  const emptied = after === null && control.dataset.text === "true";
  return { op: "set", kind, id, field, before, after: emptied ? "" : after };
}

export function connectFields(door, signal) {
  let previewing = new AbortController();
  let drawing = 0;
  let settling = 0;
  let unsettled = null;

  function stopPreview() {
    clearTimeout(drawing);
    previewing.abort();
    previewing = new AbortController();
  }

  function save(control) {
    stopPreview();
    // Answers to earlier edits may still come; what was typed is taken down now and left alone until its turn.
    const typed = valueOf(control);
    const mark = alsoPaced(control);
    control.dataset.pending = "true";
    const attempt = door.edit("changes", () => {
      delete control.dataset.pending;
      const step = change(control, typed);
      return String(step.before ?? "") === String(step.after ?? "") ? null : { changes: [step, ...mark] };
    });
    attempt
      .then(() => clearProblem(control))
      .catch((refusal) => {
        if (refusal.before) {
          contested(control, refusal);
        } else {
          showProblem(control, refusal.message);
        }
      });
  }

  /** Somebody else was quicker: both values, who it was, and a choice. */
  function contested(control, refusal) {
    const who = refusal.who || "Somebody";
    const mine = control.type === "checkbox" ? (control.checked ? "yes" : "no") : control.value;
    showProblem(control, `${who} made it “${refusal.present}” meanwhile; you wrote “${mine}”. `);
    offerChoice(control, {
      "Use mine": () => {
        control.dataset.before = refusal.before;
        save(control);
      },
      "Keep theirs": () => {
        clearProblem(control);
        door.select({});
      },
    });
  }

  function preview(control) {
    stopPreview();
    const { signal: stopped } = previewing;
    drawing = setTimeout(() => {
      door
        .preview([change(control)], stopped)
        .catch((problem) => problem.name === "AbortError" || showProblem(control, problem.message));
    }, DRAW_AFTER_MS);
  }

  function settle(control, pauseMs) {
    clearTimeout(settling);
    unsettled = control;
    settling = setTimeout(settled, pauseMs);
  }

  function settled() {
    clearTimeout(settling);
    const control = unsettled;
    unsettled = null;
    if (control) {
      save(control);
    }
  }

  function changed(control) {
    if (control.type === "date" && control === document.activeElement) {
      settle(control, DATE_SETTLED_AFTER_MS);
    } else if (isLive(control)) {
      settle(control, SETTLED_AFTER_MS);
    } else {
      save(control);
    }
  }

  const isLive = (control) => "live" in control.dataset;
  const isField = (event) => event.target.matches?.("[data-set]");
  document.addEventListener(
    "change",
    (event) => isField(event) && changed(event.target),
    { signal },
  );
  document.addEventListener("focusout", (event) => event.target === unsettled && settled(), { signal });
  document.addEventListener(
    "input",
    (event) => isField(event) && isLive(event.target) && preview(event.target),
    { signal },
  );
}
