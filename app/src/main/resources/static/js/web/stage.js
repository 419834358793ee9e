// Wires up the page of a stage; every part listens to the same page and gives way together.
import { Door } from "./door.js";
import { connectFields } from "./fields.js";
import { connectGeometry } from "./geometry.js";
import { connectKeys } from "./keys.js";
import { connectLate } from "./late.js";
import { connectNews } from "./news.js";
import { connectPresses } from "./presses.js";
import { connectSelecting } from "./selecting.js";

const page = new AbortController();

/** The page's one way to the server; a stage's own script uses it too. */
export const door = new Door(document.body.dataset.job, document.body.dataset.stage);

/** Ends with the page. */
export const { signal } = page;

connectGeometry(door, page.signal);
connectFields(door, page.signal);
connectPresses(door, page.signal);
connectSelecting(door, page.signal);
connectKeys(page.signal);
connectNews(door, page.signal);
connectLate(door, page.signal);
// All of it ends with the page; one that comes back from the browser's cache may be older than the plan.
addEventListener("pagehide", () => page.abort());
addEventListener("pageshow", (event) => event.persisted && location.reload());
// Not before the stage's own script has run as well.
document.addEventListener("DOMContentLoaded", () => (document.body.dataset.ready = "true"), { signal: page.signal });
