// Buttons and small forms that stand for a gesture, a mend, undo or redo.
import { clearProblem, showProblem } from "./problems.js";

function bodyOf(button) {
  const { post, changes, name } = button.dataset;
  if (post === "changes") {
    return { changes: JSON.parse(changes) };
  }
  return post === "gesture" ? { gesture: name, arguments: JSON.parse(button.dataset.arguments) } : {};
}

function press(door, button) {
  const path = ["undo", "redo"].includes(button.dataset.post) ? button.dataset.post : "changes";
  const body = bodyOf(button);
  door.edit(path, () => body).catch((refusal) => {
    const around = button.closest("section, aside, form, details");
    if (!around || !showProblem(null, refusal.message, around)) {
      door.tell(refusal.message);
    }
  });
}

async function submit(door, form) {
  const typed = Object.fromEntries(new FormData(form));
  clearProblem(null, form);
  form.querySelectorAll("[aria-invalid]").forEach((control) => clearProblem(control));
  try {
    await door.edit("changes", () => ({ gesture: form.dataset.gesture, arguments: typed }));
    // Choices stay as they are: the next line usually belongs to the same beat and spot.
    form.querySelectorAll("input:not([type=hidden])").forEach((input) => {
      input.value = input.type === "checkbox" ? input.value : input.defaultValue;
      input.checked = input.defaultChecked;
    });
    form.querySelector("input:not([type=hidden])")?.focus();
  } catch (refusal) {
    const control = form.elements.namedItem(refusal.field);
    showProblem(control, refusal.message, form);
    control?.focus?.();
  }
}

export function connectPresses(door, signal) {
  document.addEventListener(
    "click",
    (event) => {
      const button = event.target.closest?.("button[data-post]");
      if (button) {
        press(door, button);
      }
    },
    { signal },
  );
  document.addEventListener(
    "submit",
    (event) => {
      if (event.target.dataset.gesture) {
        event.preventDefault();
        submit(door, event.target);
      }
    },
    { signal },
  );
}
