// The log on this phone: what is said here is in the state at once and on the disk right after; what others said comes along.
import { newId } from "../web/id.js";
import { openKept } from "./kept.js";

export class Log extends EventTarget {
  #kept;
  #clock;
  #phone;
  #next = 0;
  #all = new Map();
  #unsafe = new Set();
  #full = false;

  static async open(job, clockOf) {
    const log = new Log();
    log.#kept = await openKept(job);
    log.#clock = clockOf((await log.#kept.get("offset")) ?? 0);
    log.#phone = await log.#kept.get("phone");
    if (!log.#phone) {
      log.#phone = newId();
      await log.#kept.put("phone", log.#phone);
    }
    (await log.#kept.entries()).forEach((one) => log.#all.set(one.id, one));
    log.#next = 1 + Math.max(-1, ...log.entries.filter((entry) => entry.phoneId === log.#phone).map((entry) => entry.number));
    return log;
  }

  get phone() {
    return this.#phone;
  }

  get clock() {
    return this.#clock;
  }

  get kept() {
    return this.#kept;
  }

  /** Everything that is known of, whoever said it. */
  get entries() {
    return [...this.#all.values()].map(({ entry }) => entry);
  }

  /** Entries that the server does not have yet. */
  get waiting() {
    return [...this.#all.values()].filter(({ sent, refused }) => !sent && !refused).map(({ entry }) => entry);
  }

  /** Entries that the server would not take, with the reason. */
  get refused() {
    return [...this.#all.values()].filter(({ refused }) => refused);
  }

  /** Whether everything said here is on the disk of this phone. */
  get safe() {
    return this.#kept.lasting && !this.#full && this.#unsafe.size === 0;
  }

  /** Whether the disk takes no more, or never did. */
  get lost() {
    return !this.#kept.lasting || this.#full;
  }

  get(id) {
    return this.#all.get(id)?.entry;
  }

  /** Says something now. It counts at once; `safe` says when it is on the disk. */
  say(what, more = {}) {
    const entry = { id: newId(), phoneId: this.#phone, number: this.#next, ...this.#clock.read(), what, ...more };
    this.#next += 1;
    this.#all.set(entry.id, { id: entry.id, entry });
    this.#unsafe.add(entry.id);
    this.#changed();
    this.#keep();
    return entry;
  }

  /** Whatever is not on the disk yet goes there together: one that was full may have room again. */
  async #keep() {
    const unsafe = [...this.#unsafe];
    try {
      await this.#kept.add(unsafe.map((id) => ({ entry: this.get(id) })));
      unsafe.forEach((id) => this.#unsafe.delete(id));
      this.#full = false;
    } catch {
      this.#full = true;
    }
    this.#changed();
    this.dispatchEvent(new Event("said"));
  }

  /** What others said, or this phone before its storage was emptied. */
  async took(entries) {
    const fresh = entries.filter((entry) => !this.#all.get(entry.id)?.sent);
    fresh.forEach((entry) => this.#all.set(entry.id, { id: entry.id, ...this.#all.get(entry.id), entry, sent: true }));
    if (fresh.length > 0) {
      this.#next = Math.max(this.#next, 1 + Math.max(-1, ...fresh.filter((entry) => entry.phoneId === this.#phone).map((entry) => entry.number)));
      await this.#onDisk(async () => {
        await this.#kept.add(fresh.map((entry) => ({ entry, sent: true })));
        await this.#kept.mark(fresh.map((entry) => entry.id), () => ({ sent: true }));
      });
      this.#changed();
    }
  }

  /** The server has these; `refused` says why not, by id. */
  async sent(ids, refused) {
    const became = (id) => (refused.has(id) ? { refused: refused.get(id) } : { sent: true });
    ids.forEach((id) => this.#all.set(id, { ...this.#all.get(id), ...became(id) }));
    await this.#onDisk(() => this.#kept.mark(ids, became));
    this.#changed();
  }

  /** What is on the server need not be on the disk: a full one only costs sending it again. */
  async #onDisk(work) {
    try {
      await work();
    } catch {
      this.#full = true;
    }
  }

  #changed() {
    this.dispatchEvent(new Event("changed"));
  }

  /** The log as the desk takes it in. */
  file() {
    return JSON.stringify({ format: "upshot-lane-log", version: 1, entries: this.entries });
  }
}
