// Cards are read in a worker; pictures stay here; what was read is sent in portions.
import { newId } from "../web/id.js";
import { putInPlace } from "../web/pieces.js";
import { door, signal } from "../web/stage.js";
import { compare, showCompared } from "./compared.js";
import { keepPicture, showPictures } from "./pictures.js";

const FORMAT = "upshot-lane-hand-off";
const PORTION = 200;
const MOST_LIST_BYTES = 2 * 1024 * 1024;

function problem(text) {
  const place = document.querySelector("[data-hand-off-problem]");
  place.textContent = text;
  place.hidden = text === "";
}

function busy(text) {
  const place = document.querySelector("[data-hand-off-progress]");
  place.textContent = text;
  place.hidden = text === "";
}

async function say(entries) {
  await door.ask("hand-off/entries", { format: FORMAT, version: 1, entries });
}

/** Reads the headers of a folder; the pictures come after, one by one. */
function read(files, card) {
  const worker = new Worker(new URL("reading.js", import.meta.url), { type: "module" });
  return new Promise((done, broken) => {
    const clips = [];
    const unread = [];
    worker.addEventListener("error", () => broken(new Error("The clips could not be read here.")));
    worker.addEventListener("message", ({ data }) => {
      if (data.clip) {
        clips.push(data);
      } else if (data.unread) {
        unread.push(data.unread);
      }
      busy(data.ended ? "" : `Reading ${card}: ${data.place + 1} of ${data.all}`);
      if (data.ended) {
        worker.terminate();
        done({ clips, unread, other: data.other });
      }
    });
    worker.postMessage({ files: files.map((file) => ({ file, path: onCard(file) })), card });
  });
}

/** The path on the card: the folder that was chosen is the card. */
function onCard(file) {
  return (file.webkitRelativePath || file.name).replace(/^[^/]*\//, "");
}

function left(unread, other) {
  const said = unread.length > 0 ? ` ${unread.length} could not be read, ${unread[0]} first.` : "";
  return other > 0 ? `${said} ${other} of a kind that only a clip list says: MXF and raw.` : said;
}

async function takeIn(files) {
  const card = files[0].webkitRelativePath.split("/")[0] || "card";
  const { clips, unread, other } = await read(files, card);
  if (clips.length === 0) {
    throw new Error(`There is no MP4 or MOV in ${card}.${left(unread, other)}`);
  }
  for (let from = 0; from < clips.length; from += PORTION) {
    await say([{ id: newId(), what: "CLIPS", clips: clips.slice(from, from + PORTION).map(({ clip }) => clip) }]);
  }
  await door.select({});
  door.tell(`${clips.length} clips of ${card} are in the list.${left(unread, other)}`);
  for (const [place, { clip, file }] of clips.entries()) {
    busy(`Pictures of ${card}: ${place + 1} of ${clips.length}`);
    await keepPicture(clip.id, file);
    await showPictures();
  }
  busy("");
}

/** The job's folder on a disk, with the manifests in it. */
async function compareFolder(files) {
  const stop = new AbortController();
  const button = document.querySelector("[data-stop-comparing]");
  button.addEventListener("click", () => stop.abort(), { signal: AbortSignal.any([stop.signal, signal]) });
  button.hidden = false;
  try {
    showCompared([]);
    busy("Comparing");
    const compared = await compare(files.map((file) => ({ file, path: onCard(file) })), busy, stop.signal);
    if (compared.length === 0) {
      throw new Error("There is no manifest in it, a file whose name ends in .sha256: it lies beside the folder of a copy.");
    }
    showCompared(compared);
  } finally {
    button.hidden = true;
    busy("");
  }
}

async function takeList(file) {
  if (file.size > MOST_LIST_BYTES) {
    throw new Error("That is larger than 2 MB: no clip list is.");
  }
  const { taken } = await door.send("hand-off/clip-list", file);
  await door.select({});
  door.tell(`${taken} clips of the list are in.`);
}

function parsed(text) {
  try {
    return JSON.parse(text);
  } catch {
    return null;
  }
}

/** A file of an editor's remarks: nothing else of it is taken. */
async function takeRemarks(file) {
  const read = file.size > MOST_LIST_BYTES ? null : parsed(await file.text());
  const remarks = read?.format === FORMAT && Array.isArray(read.entries) ? read.entries.filter(({ what }) => what === "REMARK") : [];
  if (remarks.length === 0) {
    throw new Error(`${file.name} holds no remarks that an editor’s page has saved.`);
  }
  await say(remarks);
  await door.select({});
  door.tell(`${remarks.length} remarks are in.`);
}

async function makeLink() {
  const { address, here } = await door.ask("hand-off/editor-link", {});
  const dialog = document.querySelector("[data-link-dialog]");
  dialog.querySelector("[data-link-address]").textContent = address;
  dialog.querySelector("[data-link-here]").hidden = !here;
  dialog.showModal();
  await door.select({});
}

async function tried(work) {
  problem("");
  try {
    await work();
  } catch (wrong) {
    busy("");
    problem(wrong.message);
  }
}

document.addEventListener(
  "change",
  async ({ target }) => {
    const files = [...(target.files ?? [])];
    if (files.length === 0) {
      return;
    }
    if (target.matches("[data-card-folder]")) {
      await tried(() => takeIn(files));
    } else if (target.matches("[data-compare-folder]")) {
      await tried(() => compareFolder(files));
    } else if (target.matches("[data-clip-list]")) {
      await tried(() => takeList(files[0]));
    } else if (target.matches("[data-remarks-file]")) {
      await tried(() => takeRemarks(files[0]));
    }
    target.value = "";
  },
  { signal },
);

/** All days of all jobs are looked at for it, so it comes after the page; what came before stands until then. */
async function showTaught() {
  try {
    putInPlace([{ id: "taught", html: await door.readPage("hand-off/taught") }], "news");
  } catch {
    // The page is whole without it; the next answer tries again.
  }
}

document.querySelector("[data-editor-link]").addEventListener("click", () => tried(makeLink), { signal });
document.querySelector("[data-link-dialog]").addEventListener("close", ({ target }) => (target.querySelector("[data-link-address]").textContent = ""), { signal });
door.addEventListener("shown", showPictures, { signal });
showPictures();
door.addEventListener("shown", showTaught, { signal });
showTaught();
