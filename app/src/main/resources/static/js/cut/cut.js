// The Cut's own script: its view, findings that are let stand, edits on the score, Arrange and Play.
import { door, signal } from "../web/stage.js";
import { connectArrange } from "./arrange.js";
import { connectPlay } from "./play.js";
import { connectScore } from "./score.js";

/** Columns are as tall as their data say: the content policy allows no style attributes in pages. */
function raise() {
  document.querySelectorAll(".pace-column").forEach((column) => column.style.setProperty("--tall", `${column.dataset.height}%`));
}

const LINE_AFTER_MS = 120;
let lining = 0;

/** Lines far from the window come without their drawings; they are asked for when they come near. */
function line() {
  const score = document.getElementById("score");
  const lines = [...score.querySelectorAll(".score-line")];
  const seen = lines.findIndex((one) => one.getBoundingClientRect().bottom > 0);
  const undrawn = lines.slice(Math.max(0, seen), seen + 8).some((one) => one.querySelector(".tile-frame:empty"));
  if (seen >= 0 && undrawn && String(seen + 2) !== score.dataset.line) {
    door.select({ line: String(seen + 2) });
  }
}

addEventListener(
  "scroll",
  () => {
    clearTimeout(lining);
    lining = setTimeout(line, LINE_AFTER_MS);
  },
  { signal, passive: true },
);

document.addEventListener("change", (event) => event.target.matches("[data-view]") && door.select({ [event.target.name]: event.target.value }), { signal });
door.addEventListener("shown", raise, { signal });
raise();
connectScore(door, signal);
connectArrange(door, signal);
connectPlay(door, signal);
