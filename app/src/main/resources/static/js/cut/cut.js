// The Cut's own script: its view, findings that are let stand, edits on the score, Arrange and Play.
import { clearProblem, showProblem } from "../web/problems.js";
import { door, signal } from "../web/stage.js";
import { connectArrange } from "./arrange.js";
import { connectPlay } from "./play.js";
import { connectScore } from "./score.js";

/** Columns are as tall as their data say: the content policy allows no style attributes in pages. */
function raise() {
  document.querySelectorAll(".pace-column").forEach((column) => column.style.setProperty("--tall", `${column.dataset.height}%`));
}

async function accept(form) {
  const reason = form.elements.reason.value;
  clearProblem(form.elements.reason, form);
  const body = { gesture: "accept-finding", arguments: { ...JSON.parse(form.dataset.arguments), reason } };
  try {
    await door.edit("changes", () => body);
  } catch (refusal) {
    showProblem(form.elements.reason, refusal.message, form);
    form.elements.reason.focus();
  }
}

document.addEventListener(
  "submit",
  (event) => {
    if (event.target.matches("[data-accept]")) {
      event.preventDefault();
      accept(event.target);
    }
  },
  { signal },
);
document.addEventListener("change", (event) => event.target.matches("[data-view]") && door.select({ [event.target.name]: event.target.value }), { signal });
door.addEventListener("shown", raise, { signal });
raise();
connectScore(door, signal);
connectArrange(door, signal);
connectPlay(door, signal);
