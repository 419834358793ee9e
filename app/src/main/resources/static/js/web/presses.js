// Buttons and small forms that stand for a gesture, a mend, a remark, undo or redo: what they do is in their data-press.
import { clearProblem, showProblem } from "./problems.js";

function press(door, button) {
  const { path, body } = JSON.parse(button.dataset.press);
  if (button.dataset.confirm && !confirm(button.dataset.confirm)) {
    return;
  }
  door.edit(path, () => body).catch((refusal) => {
    const around = button.closest("section, aside, form, details");
    if (!around || !showProblem(null, refusal.message, around)) {
      door.tell(refusal.message);
    }
  });
}

/** What is typed goes with the arguments of a gesture, or beside whatever else is posted. */
function filled(body, typed) {
  return body.arguments ? { ...body, arguments: { ...body.arguments, ...typed } } : { ...body, ...typed };
}

async function submit(door, form) {
  const { path, body } = JSON.parse(form.dataset.press);
  const typed = Object.fromEntries(new FormData(form));
  clearProblem(null, form);
  form.querySelectorAll("[aria-invalid]").forEach((control) => clearProblem(control));
  try {
    await door.edit(path, () => filled(body, typed));
    // Choices stay as they are: the next line usually belongs to the same beat and spot.
    form.querySelectorAll("input:not([type=hidden]), textarea").forEach((input) => {
      input.value = input.type === "checkbox" ? input.value : input.defaultValue;
      input.checked = input.defaultChecked;
    });
    form.querySelector("input:not([type=hidden]), textarea")?.focus();
  } catch (refusal) {
    const control = form.elements.namedItem(refusal.field);
    showProblem(control, refusal.message, form);
    (control ?? form.querySelector("input:not([type=hidden]), textarea"))?.focus?.();
  }
}

export function connectPresses(door, signal) {
  document.addEventListener(
    "click",
    (event) => {
      const button = event.target.closest?.("button[data-press]");
      if (button) {
        press(door, button);
      }
    },
    { signal },
  );
  document.addEventListener(
    "submit",
    (event) => {
      if (event.target.dataset.press) {
        event.preventDefault();
        submit(door, event.target);
      }
    },
    { signal },
  );
}
