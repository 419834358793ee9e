// What is worth a line before a setup rolls: its own moment, the next that will not wait, who is needed next, who may go.

const MINUTE_MS = 60_000;

/** Nobody counts hundreds of minutes: what is that far off is told by the clock. */
const FAR_MS = 90 * MINUTE_MS;

/** How long after its time somebody may still wait for it. */
const NOT_YET_MS = 2 * 60 * MINUTE_MS;

function when(ms, nowMs, clock) {
  return ms - nowMs > FAR_MS ? `at ${clock.text(ms)}` : `in ${Math.max(0, Math.round((ms - nowMs) / MINUTE_MS))} min`;
}

function own({ note, at, rollMs }, nowMs, clock) {
  if (!at) {
    return note;
  }
  const left = rollMs - nowMs;
  if (rollMs > 0 && left <= 0 && left > -NOT_YET_MS) {
    return `${note} Not yet? Later keeps it open for an hour.`;
  }
  return left > 0 && left < 24 * 60 * MINUTE_MS ? `${note} Be ready ${when(rollMs, nowMs, clock)}.` : note;
}

/** The first that is bound to a time, with the minutes until one must leave for it. */
function unmoving(day, state, setup, nowMs, clock) {
  const other = state.order.find((one) => one !== setup && !state.setups[one].left && day.setups[one].at !== "");
  if (other === undefined) {
    return "";
  }
  const { action, at, readyMs } = day.setups[other];
  const left = readyMs - nowMs;
  return readyMs > 0 && left < 24 * 60 * MINUTE_MS && left > -60 * MINUTE_MS
    ? `${action} will not wait: ${at}. ${left > 0 ? `Leave for it ${when(readyMs, nowMs, clock)}.` : "Leave for it now."}`
    : "";
}

function neededNext(day, state, setup) {
  const open = state.order.filter((one) => !state.setups[one].left);
  const next = open[open.indexOf(setup) + 1];
  const people = next === undefined ? [] : day.setups[next].people.filter((person) => !day.setups[setup].people.includes(person));
  return people.length > 0 ? `Next: ${people.map((person) => day.people[person].name).join(" and ")}, ${day.setups[next].spot}.` : "";
}

function mayGo(day, state) {
  const names = day.people.filter((person, place) => state.leaving[place] === 1).map(({ name }) => name);
  return names.length > 0 ? `${names.join(" and ")} may go.` : "";
}

const LATE_MS = 5 * MINUTE_MS;
const LINE_MS = 60 * MINUTE_MS;

/** Over five minutes late, or something lost, the rest can be ordered anew. */
function late(state) {
  const lost = state.shots.some(({ status }) => status === "LOST");
  return state.behindMs > LATE_MS || lost ? "What is left can be ordered anew: see What is left." : "";
}

/** What the desk said last, for an hour. */
function line(entries, nowMs, clock) {
  const said = (entry) => entry.atMs + entry.offsetMs;
  const newest = entries.filter(({ what }) => what === "LINE").sort((one, other) => said(one) - said(other)).at(-1);
  return newest && nowMs - said(newest) < LINE_MS ? `The desk, ${clock.text(said(newest))}: ${newest.words}` : "";
}

export function notes({ day, state, setup, nowMs, clock, entries }) {
  return [line(entries, nowMs, clock), own(day.setups[setup], nowMs, clock), late(state), unmoving(day, state, setup, nowMs, clock), neededNext(day, state, setup), mayGo(day, state)].filter((note) => note !== "");
}
