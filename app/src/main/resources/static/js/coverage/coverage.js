// Coverage's own script: proposed shots are looked at and taken in part, actions are filtered, several shots are set.
import { clearProblem, showProblem } from "../web/problems.js";
import { door, signal } from "../web/stage.js";
import { connectDial } from "./dial.js";

const FIND_AFTER_MS = 250;

const dialog = document.getElementById("fill-preview");
const list = dialog.querySelector("[data-fill-list]");
const note = dialog.querySelector("[data-fill-note]");
const take = dialog.querySelector("[data-fill-take]");

function row(text, place) {
  const item = document.createElement("li");
  const label = document.createElement("label");
  const box = document.createElement("input");
  box.type = "checkbox";
  box.checked = true;
  box.value = String(place);
  label.className = "check";
  label.append(box, text);
  item.append(label);
  return item;
}

/** A hole that cannot be filled, with what would have to change. */
function stays(text) {
  const item = document.createElement("li");
  item.className = "quiet";
  item.textContent = text;
  return item;
}

async function look() {
  list.replaceChildren();
  note.textContent = "Looking…";
  take.disabled = true;
  dialog.showModal();
  try {
    const proposal = await door.ask("proposal", { gesture: "fill", arguments: {} });
    list.replaceChildren(...proposal.details.map(row), ...proposal.leftOut.map(stays));
    note.textContent = "Each with its reason; nothing is added until you take it, and nothing there is overwritten.";
    take.disabled = proposal.details.length === 0;
  } catch (refusal) {
    note.textContent = refusal.message;
  }
}

async function takeChosen() {
  const chosen = [...list.querySelectorAll("input:checked")].map((box) => box.value);
  dialog.close();
  if (chosen.length > 0) {
    const body = { gesture: "fill", arguments: { only: chosen.join(",") } };
    await door.edit("changes", () => body).catch((refusal) => door.tell(refusal.message));
  }
}

document.addEventListener("click", (event) => event.target.closest?.("[data-look-fill]") && look(), { signal });
dialog.querySelector("[data-fill-close]").addEventListener("click", () => dialog.close(), { signal });
take.addEventListener("click", takeChosen, { signal });

let finding = 0;

function filter(control) {
  const value = control.type === "checkbox" ? (control.checked ? control.value : "") : control.value;
  door.select({ [control.name]: value });
}

/** The same for all chosen shots; what was typed stays where it was refused. */
function setOnSeveral(control) {
  const { field, codes } = control.dataset;
  if (control.value === "") {
    return;
  }
  door
    .edit("changes", () => ({ gesture: "several", arguments: { codes, field, value: control.value } }))
    .then(() => clearProblem(control))
    .catch((refusal) => showProblem(control, refusal.message));
}

document.addEventListener(
  "change",
  (event) => {
    if (event.target.matches("[data-filter]") && event.target.type !== "search") {
      filter(event.target);
    } else if (event.target.matches("[data-several]")) {
      setOnSeveral(event.target);
    }
  },
  { signal },
);
document.addEventListener(
  "input",
  (event) => {
    if (event.target.matches("[data-filter][type=search]")) {
      clearTimeout(finding);
      finding = setTimeout(filter, FIND_AFTER_MS, event.target);
    }
  },
  { signal },
);
document.addEventListener("submit", (event) => event.target.id === "filters" && event.preventDefault(), { signal });
connectDial(signal);
