// Lengths as people type them: 3.2 m, 320 cm, 12 ft 6, 12' 6", 8 in, 12 steps.

const FOOT_M = 0.3048;
const INCH_M = 0.0254;
const USUAL_STEP_M = 0.75;
const STEP = "upshot-step-m";

const NUMBER = "(\\d+(?:[.,]\\d+)?)";
const METRIC = new RegExp(`^${NUMBER}\\s*(m|cm|mm)$`, "i");
const FEET = new RegExp(`^${NUMBER}\\s*(?:ft|feet|foot|['’′])\\s*(?:${NUMBER}\\s*(?:in|inch|inches|["”″])?)?$`, "i");
const INCHES = new RegExp(`^${NUMBER}\\s*(?:in|inch|inches|["”″])$`, "i");
const STEPS = new RegExp(`^${NUMBER}\\s*(?:steps?|paces?)$`, "i");
const PER_METRE = { m: 1, cm: 100, mm: 1000 };

function number(text) {
  return Number((text ?? "0").replace(",", "."));
}

/** How long a step is, of whoever sits here. */
export function stepM() {
  const kept = Number(localStorage.getItem(STEP));
  return kept > 0 ? kept : USUAL_STEP_M;
}

export function keepStepM(metres) {
  localStorage.setItem(STEP, String(metres));
}

export function paced(text) {
  return STEPS.test(text.trim());
}

/** Metres to the centimetre; the text itself where it is no length with a unit. */
export function inMetres(text) {
  const typed = text.trim();
  const metric = METRIC.exec(typed);
  const feet = FEET.exec(typed);
  const inches = INCHES.exec(typed);
  const steps = STEPS.exec(typed);
  const metres = metric
    ? number(metric[1]) / PER_METRE[metric[2].toLowerCase()]
    : feet
      ? number(feet[1]) * FOOT_M + number(feet[2]) * INCH_M
      : inches
        ? number(inches[1]) * INCH_M
        : steps
          ? number(steps[1]) * stepM()
          : NaN;
  return Number.isNaN(metres) ? text : String(Math.round(metres * 100) / 100);
}
