// Roll: which screen it is follows from the log alone (rolling, a take to be judged, otherwise what is next), so that a page
// that was closed opens where it was.
import * as screens from "./screens.js";
import * as sides from "./sides.js";
import { standing, due } from "./rolling.js";
import { DayState } from "./state.js";
import { Signals } from "./signals.js";
import { notes } from "./notes.js";
import { Shown } from "./shown.js";
import { placeIn, nextSize, unread, locked, prevention } from "./turn.js";
import { Late } from "./late.js";

const TAKE_BACK_WITHIN_MS = 5000;
/** So far from its wrap it is not the day. */
const REHEARSAL_MS = 30 * 3_600_000;

export class Roll extends EventTarget {
  #log;
  #day;
  #days;
  #state;
  #signals = new Signals();
  #side = "";
  #setup;
  #shot;
  #asking = false;
  #clip = { words: "", detail: "" };
  #named = { action: "", size: "" };
  #problem = "";
  #late = new Late();
  #found = null;
  #seed = 0;
  #shown = new Shown();
  #last = null;
  settings = { theme: "dark", sound: true, body: "" };
  said = () => ({ lines: [], refused: [], update: false });

  constructor(log, settings) {
    super();
    this.#log = log;
    this.settings = { ...this.settings, ...settings };
    log.addEventListener("changed", () => this.draw());
  }

  /** The day as it came down last; a new one waits until nothing rolls here. */
  set day(day) {
    this.#day = day;
    this.#days = new DayState(day);
    this.settings.body ||= day.bodies[0]?.id ?? "";
    this.#setup = undefined;
    this.draw();
  }

  get day() {
    return this.#day;
  }

  get rolls() {
    return this.#mine?.rolling ?? false;
  }

  /** The newest take of this phone. */
  get #mine() {
    return this.#state?.takes.filter((take) => take.entry.phoneId === this.#log.phone && take.entry.what !== "ENTERED").at(-1);
  }

  get #now() {
    return this.#log.clock.now();
  }

  draw() {
    if (!this.#day) {
      return;
    }
    this.#state = this.#days.of(this.#log.entries, this.#now);
    const [kind, view] = this.#view();
    this.#shown.show(kind, view);
    this.tick();
  }

  #view() {
    const mine = this.#mine;
    const shared = { day: this.#day, state: this.#state, settings: this.settings, act: this.#act, withdrawn: this.#consent("REFUSED"), given: this.#consent("GIVEN") };
    if (mine?.rolling) {
      return ["rolling", screens.rolling({ ...shared, take: mine, camera: this.#camera(mine), next: nextSize(this.#day, mine) })];
    }
    if (mine?.kept === -1) {
      const canGoOn = this.#now - mine.untilMs < TAKE_BACK_WITHIN_MS;
      return ["review", screens.review({ ...shared, take: mine, canGoOn, asking: this.#asking, again: prevention(this.#day, this.#state, mine), clip: this.#clip, named: this.#named })];
    }
    if (this.#side === "" && this.#chosen === undefined) {
      this.#side = "left";
    }
    if (this.#side in sides) {
      const filmed = new Set(this.#log.entries.filter(({ what }) => what === "CLOCK").map(({ bodyId }) => bodyId));
      return [this.#side, sides[this.#side]({ ...shared, facts: this.said(), filmed, canOrder: Late.can(this.#day), found: this.#found, clock: this.#log.clock, place: this.#place, problem: this.#problem })];
    }
    const setup = this.#chosen;
    return ["ready", screens.ready({ ...shared, setup, place: this.#place, locked: locked(this.#day, this.#state, setup, this.#now), notes: notes({ day: this.#day, state: this.#state, setup, nowMs: this.#now, clock: this.#log.clock, entries: this.#log.entries }) })];
  }

  #consent(name) {
    return 1 + this.#day.consents.findIndex((consent) => consent.name === name);
  }

  get #chosen() {
    return this.#setup ?? (this.#state.next < 0 ? undefined : this.#state.next);
  }

  /** The shot whose turn it is in the chosen setup. */
  get #place() {
    return placeIn(this.#day, this.#state, this.#chosen, this.#shot);
  }

  #camera(take) {
    return this.#day.bodies.length > 1 ? this.#day.bodies[take.body]?.name : "";
  }

  #act = {
    chooseShot: (place) => this.#ui(() => (this.#shot = place)),
    choose: (setup) => this.#ui(() => ([this.#setup, this.#shot, this.#side] = [setup, undefined, ""])),
    back: () => this.#ui(() => (this.#side = "")),
    list: () => this.#ui(() => (this.#side = "left")),
    anew: () => {
      // What was found some time ago is of another moment.
      this.#found = null;
      this.#anew();
    },
    another: () => this.#anew(),
    takeOrder: () => this.#takeOrder(),
    more: () => this.#ui(() => (this.#side = "more")),
    people: () => this.#ui(() => (this.#side = "people")),
    filmClock: () => this.#ui(() => (this.#side = "filmedClock")),
    enter: () => this.#ui(() => (this.#side = "entered")),
    ask: () => this.#ui(() => (this.#asking = true)),
    askNoMore: () => this.#ui(() => (this.#asking = false)),
    read: () => this.#log.say("READ", { about: this.#shotId }),
    check: (words, on) => this.#log.say("CHECK", { about: this.#shotId, detail: words, amount: on ? 1 : 0 }),
    roll: () => this.#begin("ROLL", { about: this.#shotId, ...(unread(this.#day, this.#state, this.#chosen) ? { detail: "not read" } : {}) }),
    extra: () => this.#begin("EXTRA", {}),
    notClean: () => this.#log.say("NOT_CLEAN", { of: this.#mine.entry.id }),
    nextSize: () => this.#log.say("NEXT_SIZE", { of: this.#mine.entry.id, about: nextSize(this.#day, this.#mine).id }),
    stop: () => this.#stop(),
    goOn: () => this.#goOn(),
    keep: () => this.#judge("KEEP", {}),
    again: (reason) => this.#judge("AGAIN", { detail: reason }),
    clip: (name, value) => (this.#clip[name] = value),
    nameAction: (id) => (this.#named.action = id),
    nameSize: (size) => this.#ui(() => (this.#named.size = size)),
    later: () => this.#then(() => this.#log.say("LATER", { about: this.#shotId })),
    letGo: () => this.#then(() => this.#log.say("LET_GO", { about: this.#shotId })),
    consent: (id, detail) => this.#log.say("CONSENT", { about: id, detail }),
    release: (id) => this.#log.say("RELEASED", { about: id }),
    camera: (body) => this.#set({ body }),
    theme: () => this.#set({ theme: this.settings.theme === "dark" ? "bright" : "dark" }),
    sound: () => this.#set({ sound: !this.settings.sound }),
    filmed: (bodyId) => this.#log.say("CLOCK", { bodyId }),
    enterTake: (event) => this.#enterTake(event),
    save: () => this.dispatchEvent(new Event("save")),
    update: () => this.dispatchEvent(new Event("update")),
  };

  get #shotId() {
    return this.#day.shots[this.#place]?.id;
  }

  #ui(change) {
    change();
    this.draw();
  }

  /** Each time it looks elsewhere; what was found stays until there is another. */
  async #anew() {
    this.#seed += 1;
    this.#ui(() => (this.#side = "anew"));
    try {
      this.#found = await this.#late.order(this.#day, this.#state, this.#now, this.#seed);
    } catch {
      this.#side = "left";
    }
    this.draw();
  }

  #takeOrder() {
    const { rows, letGo } = this.#found;
    const shots = this.#day.shots;
    const first = (setup) => shots[this.#day.setups[setup].shots[0]].id;
    this.#log.say("ORDER", { turns: rows.map(({ setup, rollMs, endMs }) => ({ about: first(setup), rollMs, endMs })) });
    letGo
      .flatMap((setup) => this.#day.setups[setup].shots)
      .filter((shot) => this.#state.shots[shot].status === "TO_DO")
      .forEach((shot) => this.#log.say("LET_GO", { about: shots[shot].id }));
    this.#found = null;
    this.#then(() => {});
  }

  #then(act) {
    act();
    this.#ui(() => ([this.#setup, this.#shot, this.#side] = [undefined, undefined, ""]));
  }

  #set(some) {
    this.settings = { ...this.settings, ...some };
    this.#signals.on = this.settings.sound;
    this.dispatchEvent(new Event("settings"));
    this.draw();
  }

  #begin(what, more) {
    this.#signals.unlock();
    this.#signals.on = this.settings.sound;
    this.#last = null;
    this.#side = "";
    const body = this.settings.body;
    this.#log.say(what, { ...more, ...(body ? { bodyId: body } : {}) });
  }

  #stop() {
    [this.#asking, this.#clip, this.#named] = [false, { words: "", detail: "" }, { action: "", size: "" }];
    this.#log.say("STOP", { of: this.#mine.entry.id });
    // The way back closes by itself.
    setTimeout(() => this.draw(), TAKE_BACK_WITHIN_MS + 50);
  }

  #goOn() {
    const take = this.#mine.entry;
    const stop = this.#log.entries.filter(({ what, of }) => what === "STOP" && of === take.id).sort((one, other) => one.number - other.number).at(-1);
    this.#log.say("TAKEN_BACK", { of: stop.id });
  }

  #judge(what, more) {
    const { entry, shot } = this.#mine;
    if (shot < 0 && this.#named.action) {
      this.#log.say("NAMED", { of: entry.id, about: this.#named.action, detail: this.#named.size });
    }
    if (this.#clip.words || this.#clip.detail) {
      this.#log.say("CLIP", { of: entry.id, ...this.#clip });
    }
    this.#asking = false;
    const setup = this.#day.shots[shot]?.setup;
    [this.#setup, this.#shot] = [what === "AGAIN" ? setup : undefined, what === "AGAIN" ? shot : undefined];
    this.#log.say(what, { of: entry.id, ...more });
  }

  #enterTake(event) {
    event.preventDefault();
    const fields = Object.fromEntries(new FormData(event.target));
    const amount = Number(fields.clean.replace(",", "."));
    this.#problem = Number.isFinite(amount) && amount >= 0 && amount <= 86_400 && fields.clean.trim() !== "" ? "" : "Clean seconds are a number, for instance 12.";
    if (this.#problem === "") {
      const entry = this.#log.say("ENTERED", { about: fields.shot, bodyId: fields.body, amount });
      if (fields.clip.trim()) {
        this.#log.say("CLIP", { of: entry.id, words: fields.clip });
      }
      this.#side = "";
      this.draw();
    } else {
      document.getElementById("enter-problem").textContent = this.#problem;
    }
  }

  /** What runs by the clock, several times a second. */
  tick() {
    const take = this.#mine;
    const timeCode = document.getElementById("time-code");
    if (timeCode) {
      timeCode.textContent = new Date(this.#now).toISOString().slice(11, 21);
    }
    if (!take?.rolling) {
      return;
    }
    const shot = this.#day.shots[take.shot];
    const now = standing(take, shot, this.#now);
    screens.turnRing(document.getElementById("screen"), now);
    const same = this.#last?.of === `${take.entry.id} ${take.shot} ${take.cleanFromMs}`;
    const signal = same ? due(this.#last, now) : null;
    if (signal) {
      this.#signals.give(signal, this.#day.setups[shot.setup]?.quiet);
    }
    this.#last = { ...now, of: `${take.entry.id} ${take.shot} ${take.cleanFromMs}` };
  }

  /** How late it is, for the bar; while a camera rolls, how long. */
  get lateness() {
    const take = this.#mine;
    if (take?.rolling) {
      const seconds = Math.floor((this.#now - take.fromMs) / 1000);
      return { words: `rolling ${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, "0")}`, late: false };
    }
    if (this.#day && Math.abs(this.#now - this.#day.wrapMs) > REHEARSAL_MS) {
      return { words: "rehearsal", late: false };
    }
    const behind = Math.round((this.#state?.behindMs ?? 0) / 60_000);
    return { words: behind > 0 ? `${behind} min behind` : "on time", late: behind > 5 };
  }

  stayAwake() {
    this.#signals.stayAwake();
  }
}
