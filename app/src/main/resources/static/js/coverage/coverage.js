// Coverage's own script: proposed shots are looked at and taken in part.
import { door, signal } from "../web/stage.js";

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

async function look() {
  list.replaceChildren();
  note.textContent = "Looking…";
  take.disabled = true;
  dialog.showModal();
  try {
    const proposal = await door.ask("proposal", { gesture: "fill", arguments: {} });
    list.replaceChildren(...proposal.details.map(row));
    note.textContent = "Each with its reason; nothing is added until you take it, and nothing there is overwritten.";
    take.disabled = false;
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
