// The tempo, tapped on a button.

const PAUSE_MS = 2000;
const FEWEST_TAPS = 4;

/** Beats a minute of taps at these milliseconds, to a tenth; the middle interval forgives one that was missed. */
export function tempoOf(taps) {
  const intervals = taps.slice(1).map((tap, i) => tap - taps[i]);
  intervals.sort((one, other) => one - other);
  const half = Math.floor(intervals.length / 2);
  const middle = intervals.length % 2 ? intervals[half] : (intervals[half - 1] + intervals[half]) / 2;
  return Math.round(600000 / middle) / 10;
}

export function connectTapping(door, signal) {
  let taps = [];
  let waiting = 0;

  function set() {
    const control = document.querySelector('[data-set][data-field="tempoBpm"]');
    if (taps.length >= FEWEST_TAPS && control) {
      control.value = String(tempoOf(taps));
      control.dispatchEvent(new Event("change", { bubbles: true }));
    }
    taps = [];
  }

  function tap(now) {
    taps.push(now);
    const place = document.querySelector("[data-tapped]");
    const left = FEWEST_TAPS - taps.length;
    place.textContent = left > 0 ? `${left} more` : `${tempoOf(taps)} bpm`;
    clearTimeout(waiting);
    waiting = setTimeout(set, PAUSE_MS);
  }

  document.addEventListener(
    "click",
    (event) => event.target.closest?.("[data-tap]") && tap(event.timeStamp),
    { signal },
  );
}
