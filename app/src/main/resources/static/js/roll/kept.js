// What the phone keeps: entries with what became of them, the day, and a few settings. An entry is kept when the disk has it.
import { deleteDB, openDB } from "../vendor/idb.js";

const ENTRIES = "entries";
const SETTINGS = "settings";
const STRICT = { durability: "strict" };

class OnDisk {
  lasting = true;
  #db;

  constructor(db) {
    this.#db = db;
  }

  /** All of it is gone from the disk. */
  async wipe() {
    this.#db.close();
    await deleteDB(this.#db.name);
  }

  entries() {
    return this.#db.getAll(ENTRIES);
  }

  /** Resolves when all of them are on the disk; those that are there already stay as they are. */
  async add(kept) {
    const work = this.#db.transaction(ENTRIES, "readwrite", STRICT);
    const there = new Set(await work.store.getAllKeys());
    kept.filter(({ entry }) => !there.has(entry.id)).forEach((one) => work.store.put({ id: one.entry.id, ...one }));
    await work.done;
  }

  /** What became of entries: `of` says it for an id, or nothing. */
  async mark(ids, of) {
    const work = this.#db.transaction(ENTRIES, "readwrite", STRICT);
    for (const id of ids) {
      const kept = await work.store.get(id);
      if (kept) {
        work.store.put({ ...kept, ...of(id) });
      }
    }
    await work.done;
  }

  get(name) {
    return this.#db.get(SETTINGS, name);
  }

  async put(name, value) {
    const work = this.#db.transaction(SETTINGS, "readwrite", STRICT);
    work.store.put(value, name);
    await work.done;
  }
}

/** The same for a browser that keeps nothing: gone with the page. */
class InMemory {
  lasting = false;
  #entries = new Map();
  #settings = new Map();

  async wipe() {
    this.#entries.clear();
    this.#settings.clear();
  }

  async entries() {
    return [...this.#entries.values()];
  }

  async add(kept) {
    kept.filter(({ entry }) => !this.#entries.has(entry.id)).forEach((one) => this.#entries.set(one.entry.id, { id: one.entry.id, ...one }));
  }

  async mark(ids, of) {
    ids.filter((id) => this.#entries.has(id)).forEach((id) => this.#entries.set(id, { ...this.#entries.get(id), ...of(id) }));
  }

  async get(name) {
    return this.#settings.get(name);
  }

  async put(name, value) {
    this.#settings.set(name, value);
  }
}

/** What is kept for a job. Where the browser refuses, the memory, and it says so (`lasting`). */
export async function openKept(job) {
  try {
    const db = await openDB(`upshot-roll-${job}`, 1, {
      upgrade(fresh) {
        fresh.createObjectStore(ENTRIES, { keyPath: "id" });
        fresh.createObjectStore(SETTINGS);
      },
    });
    const disk = new OnDisk(db);
    await disk.put("tried", Date.now());
    navigator.storage?.persist?.();
    return disk;
  } catch {
    return new InMemory();
  }
}
