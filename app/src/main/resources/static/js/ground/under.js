// A picture under the plan: sent, straightened by four corners or scaled by two points, which are typed or marked.
import { inMetres } from "../web/lengths.js";
import { showProblem } from "../web/problems.js";
import { door, signal } from "../web/stage.js";
import { metres, plan } from "./plan.js";

/** The field that points of the plan are marked for. */
let marked = null;

/** Whether a press on the plan marks a point. */
export function marking() {
  return marked !== null;
}

function stop() {
  marked?.form?.querySelector("[data-mark]")?.setAttribute("aria-pressed", "false");
  plan()?.classList.remove("is-marked");
  marked = null;
}

function toggle(button) {
  const field = button.form.querySelector("[data-marks]");
  const again = marked === field;
  stop();
  if (!again) {
    marked = field;
    field.value = "";
    button.setAttribute("aria-pressed", "true");
    plan().classList.add("is-marked");
    plan().scrollIntoView({ block: "nearest" });
    door.tell(`Mark ${field.dataset.marks} points on the plan.`);
  }
}

function mark(event) {
  const { across, deep } = metres(event.clientX, event.clientY);
  const points = marked.value.split(",").filter((point) => point.trim() !== "");
  points.push(`${across.toFixed(2)} ${deep.toFixed(2)}`);
  marked.value = points.map((point) => point.trim()).join(", ");
  door.tell(`Point ${points.length} of ${marked.dataset.marks}.`);
  if (points.length === Number(marked.dataset.marks)) {
    marked.focus();
    stop();
  }
}

function layUnder(laid) {
  return door.edit("changes", () => ({ gesture: "lay-under", arguments: laid }));
}

async function send(control) {
  const [file] = control.files;
  if (!file) {
    return;
  }
  try {
    const { hash, ratio } = await door.send("stills", file);
    await layUnder({ spotId: control.dataset.spot, still: hash, ratio });
  } catch (refusal) {
    showProblem(null, refusal.message, control.closest(".ground-add"));
  } finally {
    control.value = "";
  }
}

async function straighten(form) {
  const { points, wide, deep } = Object.fromEntries(new FormData(form));
  try {
    await layUnder(await door.ask("ground/straightened", { arguments: { id: form.dataset.id, points, wide, deep } }));
  } catch (refusal) {
    showProblem(null, refusal.message, form);
  }
}

export function connectUnder() {
  document.addEventListener(
    "change",
    ({ target }) => {
      if (target.matches("[data-under]")) {
        send(target);
      } else if (target.matches("[data-length]")) {
        target.value = inMetres(target.value);
      }
    },
    { signal },
  );
  document.addEventListener(
    "click",
    (event) => {
      const button = event.target.closest?.("[data-mark]");
      if (button) {
        toggle(button);
      } else if (marking() && plan().contains(event.target)) {
        event.preventDefault();
        event.stopPropagation();
        mark(event);
      }
    },
    { signal, capture: true },
  );
  document.addEventListener(
    "submit",
    (event) => {
      if (event.target.matches("[data-straighten]")) {
        event.preventDefault();
        straighten(event.target);
      }
    },
    { signal },
  );
  document.addEventListener("keydown", (event) => event.key === "Escape" && stop(), { signal });
}
