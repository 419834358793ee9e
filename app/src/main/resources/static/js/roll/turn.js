// What follows for a setup or a take from the state of the day.

const NEVER_LOCKED_MS = 60_000;
/** A moment that began longer ago than this is over. */
const LONG_OVER_MS = 1_800_000;

/** The shot whose turn it is in a setup; the one that was chosen where it belongs to it. */
export function placeIn(day, state, setup, chosen) {
  const shots = day.setups[setup]?.shots ?? [];
  return shots.includes(chosen) ? chosen : (shots.find((shot) => state.shots[shot].status === "TO_DO") ?? shots[0]);
}

/** The size that follows in the same setup, none for the last. */
export function nextSize(day, take) {
  const shots = day.setups[day.shots[take.shot]?.setup]?.shots ?? [];
  const next = shots[shots.indexOf(take.shot) + 1];
  return next === undefined || take.shot < 0 ? null : day.shots[next];
}

/** Cautions that nobody has read yet. */
export function unread(day, state, setup) {
  return day.setups[setup].cautions.length > 0 && !state.setups[setup].read;
}

/** Cautions are read once for a setup; a moment that is upon us does not wait for it. */
export function locked(day, state, setup, nowMs) {
  const { at, rollMs } = day.setups[setup];
  const left = rollMs - nowMs;
  const upon = at !== "" && left < NEVER_LOCKED_MS && left > -LONG_OVER_MS;
  return unread(day, state, setup) && !upon;
}

/** The second time a reason comes, what prevents it is said. */
export function prevention(day, state, take) {
  const before = state.takes.filter((one) => one.shot === take.shot && one.reason > 0).at(-1);
  return before ? `Before, it was ${day.reasons[before.reason - 1].label}. ${day.reasons[before.reason - 1].more}` : "";
}
