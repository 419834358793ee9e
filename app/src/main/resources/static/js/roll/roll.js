// The desk's own script: takes in the log that a phone saved as a file.
import { door, signal } from "../web/stage.js";
import { newId } from "../web/id.js";

const FORMAT = "upshot-lane-log";
const MOST_BYTES = 8 * 1024 * 1024;
const PORTION = 500;
const DESK = "upshot-desk";

async function read(file) {
  if (file.size > MOST_BYTES) {
    throw new Error("The file is larger than 8 MB: that is no log of a day.");
  }
  try {
    const log = JSON.parse(await file.text());
    if (log?.format === FORMAT && Array.isArray(log.entries)) {
      return log;
    }
  } catch {
    // It is said below.
  }
  throw new Error(`${file.name} is no log that a phone has saved.`);
}

/** Portion by portion; what is there already is harmless. */
async function takeIn(log) {
  const refused = [];
  for (let from = 0; from < log.entries.length; from += PORTION) {
    const answer = await door.ask("roll/log", { ...log, entries: log.entries.slice(from, from + PORTION) });
    refused.push(...answer.refused);
  }
  await door.select({});
  const why = refused.length > 0 ? ` ${refused.length} could not be kept: ${refused[0].why}` : "";
  door.tell(`${log.entries.length - refused.length} entries are in the log.${why}`);
}

/** This window speaks as a phone of its own; its lines are counted by the clock. */
async function sayLine(words) {
  const desk = localStorage.getItem(DESK) ?? newId();
  localStorage.setItem(DESK, desk);
  const { nowMs } = await door.read(`roll/log?since=${Number.MAX_SAFE_INTEGER}`);
  const atMs = Date.now();
  const entry = { id: newId(), phoneId: desk, number: Math.floor(atMs / 1000), atMs, offsetMs: nowMs - atMs, what: "LINE", words };
  const { refused } = await door.ask("roll/log", { format: FORMAT, version: 1, entries: [entry] });
  if (refused.length > 0) {
    throw new Error(refused[0].why);
  }
  door.tell("Sent to the phones.");
}

document.querySelector("[data-line]")?.addEventListener(
  "submit",
  async (event) => {
    event.preventDefault();
    const problem = document.querySelector("[data-log-problem]");
    problem.hidden = true;
    try {
      await sayLine(event.target.elements.words.value);
      event.target.reset();
    } catch (wrong) {
      problem.textContent = wrong.message;
      problem.hidden = false;
    }
  },
  { signal },
);

document.querySelector("[data-log-file]")?.addEventListener(
  "change",
  async ({ target }) => {
    const problem = document.querySelector("[data-log-problem]");
    problem.hidden = true;
    try {
      await takeIn(await read(target.files[0]));
    } catch (wrong) {
      problem.textContent = wrong.message;
      problem.hidden = false;
    }
    target.value = "";
  },
  { signal },
);

/** The code is said in this answer alone. */
async function makeCode() {
  const { shown, address, byNumber, qr, here } = await door.ask("roll/crew/code", {});
  const dialog = document.querySelector("[data-new-code]");
  dialog.querySelector("svg").setAttribute("viewBox", `0 0 ${qr.size} ${qr.size}`);
  dialog.querySelector("[data-qr]").setAttribute("d", qr.path);
  dialog.querySelector("[data-join-address]").textContent = address.split("#")[0];
  dialog.querySelector("[data-join-number]").textContent = byNumber.length > 0 ? `(where that name is not found, ${byNumber.join(" or ")})` : "";
  dialog.querySelector("[data-join-code]").textContent = shown;
  dialog.querySelector("[data-join-here]").hidden = !here;
  dialog.showModal();
  await door.select({});
}

document.addEventListener(
  "click",
  ({ target }) => {
    if (target.closest?.("[data-crew-code]")) {
      makeCode().catch((problem) => door.tell(problem.message));
    }
  },
  { signal },
);

// A code is a way in: it does not stay in a page that has gone on.
document.querySelector("[data-new-code]")?.addEventListener(
  "close",
  ({ target }) => {
    target.querySelector("[data-join-code]").textContent = "";
    target.querySelector("[data-qr]").removeAttribute("d");
  },
  { signal },
);
