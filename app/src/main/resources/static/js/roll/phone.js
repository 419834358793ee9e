// Opens Roll on a phone: what is kept here first, then what the network has. Without one everything goes on.
import { Clock } from "./clock.js";
import { Log } from "./log.js";
import { Outbox } from "./outbox.js";
import { Roll } from "./phone-roll.js";

/** Of the day's numbers, as this page reads them. */
const SHAPE = 2;
const TICK_MS = 200;
const REDRAW_MS = 10_000;
const job = document.body.dataset.job;
const LOCK = `upshot-roll-${job}`;
const TRIES = 10;
const TRY_AGAIN_MS = 200;
const WAITING = {
  "signed out": "%d wait: come in again to send them",
  away: "%d wait for a network",
  over: "%d are not taken any more: save the log under More",
};
const NONE_WAIT = { here: "All sent", "signed out": "Signed out", ended: "All sent; this phone’s way in has ended", over: "This phone’s way in has ended" };
const at = (path) => `/jobs/${job}/roll/${path}`;

function put(id, words) {
  const place = document.getElementById(id);
  if (place.textContent !== words) {
    place.textContent = words;
  }
}

async function fetchDay() {
  const response = await fetch(at("day.json"), { headers: { Accept: "application/json" }, redirect: "error" });
  if (!response.ok) {
    throw new Error(`answered ${response.status}`);
  }
  return response.json();
}

/** One window alone writes the log of a phone; one that was just closed is waited for. */
async function alone(work) {
  for (let tries = 0; navigator.locks && tries < TRIES; tries++) {
    const had = await navigator.locks.request(LOCK, { ifAvailable: true }, (lock) => (lock ? work() : "open elsewhere"));
    if (had !== "open elsewhere") {
      return had;
    }
    await new Promise((done) => setTimeout(done, TRY_AGAIN_MS));
  }
  return navigator.locks ? Promise.reject(new Error("open elsewhere")) : work();
}

/** The page's own worker; says when a newer one waits. */
async function keepPage(newer) {
  const worker = await navigator.serviceWorker?.register(at("worker.js"), { scope: at("") }).catch(() => null);
  if (!worker) {
    return null;
  }
  const look = () => worker.waiting && navigator.serviceWorker.controller && newer();
  worker.addEventListener("updatefound", () => worker.installing?.addEventListener("statechange", look));
  look();
  return worker;
}

function outboxWords(log, outbox) {
  const waits = log.waiting.length;
  const refused = log.refused.length;
  const parts = [];
  if (waits > 0) {
    parts.push(WAITING[outbox.state]?.replace("%d", waits) ?? `Sending ${waits}`);
  } else {
    parts.push(NONE_WAIT[outbox.state] ?? "No network");
  }
  if (refused > 0) {
    parts.push(`${refused} not taken, see More`);
  }
  return `${log.safe ? "Kept on this phone" : log.lost ? "Not kept on this phone" : "Being kept"} · ${parts.join(" · ")}`;
}

function save(log, name) {
  const link = document.createElement("a");
  link.href = URL.createObjectURL(new Blob([log.file()], { type: "application/json" }));
  link.download = `${name.replace(/[\\/:*?"<>|]/g, "_")}, log of ${log.phone.slice(0, 8)}.json`;
  link.click();
  setTimeout(() => URL.revokeObjectURL(link.href), 60_000);
}

/** What a phone of the crew has of a day that it may not see any more goes, once all that it said is sent. */
async function leave(log, worker) {
  await log.kept.wipe();
  const names = await caches.keys();
  await Promise.all(names.filter((name) => name.startsWith(`roll ${worker?.scope} `)).map((name) => caches.delete(name)));
  await worker?.unregister();
  location.replace("/crew?sent");
}

async function open() {
  const log = await Log.open(job, (offset) => new Clock(offset, ""));
  const roll = new Roll(log, (await log.kept.get("settings")) ?? {});
  const outbox = new Outbox(log, job);
  let update = false;
  let waitingDay = null;

  const useDay = (day) => {
    log.clock.zone = day.zone;
    roll.day = day;
  };
  const look = () => {
    document.documentElement.dataset.theme = roll.settings.theme;
    const warning = document.getElementById("warning");
    warning.hidden = !log.lost;
    put("warning", log.lost ? "This browser keeps nothing: its storage is refused or full. Leave this page open; entries are sent one by one, and More saves the log as a file." : "");
    put("outbox", outboxWords(log, outbox));
  };
  roll.said = () => ({
    lines: [`This phone is ${log.phone.slice(0, 8)}; ${log.entries.length} entries in the log.`],
    refused: log.refused,
    signIn: outbox.state === "signed out" ? at("").slice(0, -1) : "",
    update: update && !roll.rolls,
  });
  roll.addEventListener("settings", () => {
    log.kept.put("settings", roll.settings).catch(() => {});
    look();
  });
  roll.addEventListener("save", () => save(log, roll.day.name));
  log.addEventListener("changed", look);
  outbox.addEventListener("changed", look);

  const refreshDay = async () => {
    const day = await fetchDay();
    await log.kept.put("day", day).catch(() => {});
    waitingDay = day;
  };
  outbox.addEventListener("plan", ({ detail }) => {
    if (!roll.day || roll.day.version !== detail) {
      refreshDay().catch(() => {});
    }
  });

  const kept = await log.kept.get("day");
  if (kept?.shape === SHAPE) {
    useDay(kept);
  } else {
    await refreshDay().catch(() => put("where", "The day is not on this phone yet. Open this page once with a network."));
  }
  outbox.start();
  const worker = await keepPage(() => {
    update = true;
    roll.draw();
  });
  roll.addEventListener("update", () => {
    navigator.serviceWorker.addEventListener("controllerchange", () => location.reload());
    worker?.waiting?.postMessage("take over");
  });
  look();
  document.body.dataset.ready = "true";

  let drawn = 0;
  let leaving = false;
  setInterval(() => {
    if (waitingDay && !roll.rolls) {
      useDay(waitingDay);
      waitingDay = null;
    }
    if (outbox.state === "ended" && !leaving && !roll.rolls && log.waiting.length === 0 && log.refused.length === 0) {
      leaving = true;
      leave(log, worker);
    }
    if (roll.day && Date.now() - drawn > REDRAW_MS) {
      drawn = Date.now();
      roll.draw();
    }
    roll.tick();
    roll.stayAwake();
    put("clock", log.clock.text(log.clock.now()));
    const { words, late } = roll.lateness;
    put("behind", words);
    document.getElementById("behind").classList.toggle("is-late", late);
  }, TICK_MS);
  // The lock is held as long as the page is open.
  return new Promise(() => {});
}

alone(open).catch((problem) => {
  put("where", problem.message === "open elsewhere" ? "Roll is open in another window of this phone. Go there." : "Roll could not be opened.");
  document.body.dataset.ready = "failed";
});
