// Lists from files or pasted: looked at first, then taken in as a whole or not at all.
import { clearProblem, showProblem } from "../web/problems.js";

const MOST_SHOWN = 12;

function base64(buffer) {
  const bytes = new Uint8Array(buffer);
  let text = "";
  for (let at = 0; at < bytes.length; at += 0x8000) {
    text += String.fromCharCode(...bytes.subarray(at, at + 0x8000));
  }
  return btoa(text);
}

/** What the form holds; a file as base64 text, because arguments are text. */
async function argumentsOf(form) {
  const values = {};
  for (const [name, value] of new FormData(form)) {
    values[name] = value instanceof File ? base64(await value.arrayBuffer()) : value;
  }
  return values;
}

function list(lines, className) {
  const shown = document.createElement("ul");
  shown.className = className;
  for (const line of lines.slice(0, MOST_SHOWN)) {
    const item = document.createElement("li");
    item.textContent = line;
    shown.append(item);
  }
  if (lines.length > MOST_SHOWN) {
    const item = document.createElement("li");
    item.textContent = `and ${lines.length - MOST_SHOWN} more`;
    shown.append(item);
  }
  return shown;
}

function take(label, press) {
  const button = document.createElement("button");
  button.type = "button";
  button.className = "button is-small is-sea";
  button.textContent = `${label.charAt(0).toUpperCase()}${label.slice(1)}`;
  button.addEventListener("click", press, { once: true });
  return button;
}

export function connectTakingIn(door, signal) {
  async function look(form) {
    const preview = form.querySelector("[data-preview]");
    clearProblem(null, form);
    preview.replaceChildren("Looking…");
    try {
      const sent = { gesture: form.dataset.takeIn, arguments: await argumentsOf(form) };
      const proposal = await door.ask("proposal", sent);
      const press = () => takeIn(form, preview, sent);
      preview.replaceChildren(list(proposal.details, "taken"), list(proposal.leftOut, "left-out quiet"), take(proposal.label, press));
      preview.querySelector("button").focus();
    } catch (refusal) {
      preview.replaceChildren();
      showProblem(form.elements.namedItem(refusal.field), refusal.message, form);
    }
  }

  async function takeIn(form, preview, sent) {
    try {
      await door.edit("changes", () => sent);
      preview.replaceChildren();
      form.reset();
    } catch (refusal) {
      preview.replaceChildren();
      showProblem(null, refusal.message, form);
    }
  }

  document.addEventListener(
    "submit",
    (event) => {
      if (event.target.dataset.takeIn) {
        event.preventDefault();
        look(event.target);
      }
    },
    { signal },
  );
}
