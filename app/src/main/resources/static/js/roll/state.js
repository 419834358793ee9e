// How the day stands by its log. The work is done by the day's own numbers, the same here as on the server; here ids become
// places and places names again.
import { state as numbersOf } from "../day-numbers/day.js";

const NONE = -1;

function places(records) {
  return new Map(records.map(({ id }, place) => [id, place]));
}

class Row {
  #numbers;
  #at = 0;

  constructor(numbers) {
    this.#numbers = numbers;
  }

  next() {
    return this.#numbers[this.#at++];
  }

  list(each) {
    return Array.from({ length: this.next() }, each);
  }
}

export class DayState {
  #day;
  #table;
  #shots;
  #actions;
  #people;
  #bodies;

  constructor(day) {
    this.#day = day;
    this.#table = day.table.slice(0, -1);
    this.#shots = places(day.shots);
    this.#actions = places(day.actions);
    this.#people = places(day.people);
    this.#bodies = places(day.bodies);
  }

  /** The state after these entries at a time of the server, in ms. */
  of(entries, nowMs) {
    const sorted = [...entries].sort((one, other) => (one.id < other.id ? -1 : one.id > other.id ? 1 : 0));
    const numbers = Float64Array.from([...this.#table, nowMs, ...this.#lines(sorted)]);
    return this.#read(new Row(numbersOf(numbers)), sorted);
  }

  #lines(sorted) {
    const ofEntry = places(sorted);
    const phones = new Map([...new Set(sorted.map((entry) => entry.phoneId))].sort().map((phone, place) => [phone, place]));
    return sorted.flatMap((entry) => [
      this.#day.whats.indexOf(entry.what),
      entry.atMs + entry.offsetMs,
      phones.get(entry.phoneId),
      entry.number,
      ofEntry.get(entry.of) ?? NONE,
      this.#about(entry),
      this.#bodies.get(entry.bodyId) ?? NONE,
      this.#detail(entry),
      entry.amount ?? 0,
      (entry.turns ?? []).length,
      ...(entry.turns ?? []).flatMap(({ about, rollMs, endMs }) => [this.#shots.get(about) ?? NONE, rollMs, endMs]),
    ]);
  }

  #about({ what, about }) {
    const among = { NAMED: this.#actions, CONSENT: this.#people, RELEASED: this.#people }[what] ?? this.#shots;
    return among.get(about) ?? NONE;
  }

  #detail({ what, about, detail }) {
    const chosen = { AGAIN: this.#day.reasons, NAMED: this.#day.sizes, CONSENT: this.#day.consents }[what];
    if (chosen) {
      return 1 + chosen.findIndex(({ name }) => name === detail);
    }
    const setup = what === "CHECK" ? this.#day.shots[this.#shots.get(about)]?.setup : undefined;
    return setup === undefined ? 0 : (this.#day.setups[setup]?.checks.indexOf(detail) ?? NONE);
  }

  #read(row, sorted) {
    const takes = row.list(() => ({
      entry: sorted[row.next()],
      body: row.next(),
      number: row.next(),
      fromMs: row.next(),
      untilMs: row.next(),
      cleanFromMs: row.next(),
      kept: row.next(),
      reason: row.next(),
      namedAction: row.next(),
      namedSize: row.next(),
      clip: sorted[row.next()],
      parts: row.list(() => ({ shot: row.next(), fromMs: row.next(), cleanS: row.next() })),
    }));
    takes.forEach((take) => {
      take.rolling = take.untilMs < 0;
      take.shot = take.parts.at(-1).shot;
    });
    return {
      takes,
      shots: row.list(() => ({ status: this.#day.statuses[row.next()], takes: row.next(), keepers: row.next(), bestS: row.next(), bankedS: row.next() })),
      setups: row.list(() => ({ read: row.next() === 1, checks: row.next(), left: row.next() === 1 })),
      order: row.list(() => row.next()),
      consents: row.list(() => row.next()),
      leaving: row.list(() => row.next()),
      next: row.next(),
      behindMs: row.next(),
      orders: row.list(() => row.next()),
    };
  }
}
