// The drawing of the plan on the page, and where on the floor a point of the window lies.
const CM = 100;

export function plan() {
  return document.querySelector("[data-plan]");
}

/** Letters are drawn for a wide page; on a narrow one they would be too small to read. */
const LEAST_PX = 11;

export function readable() {
  const drawing = plan();
  if (!drawing) {
    return;
  }
  const letters = Number(drawing.dataset.letters);
  const shown = letters * drawing.getScreenCTM().a;
  drawing.classList.toggle("has-small-letters", shown < LEAST_PX);
  drawing.style.setProperty("--plan-letters", `${(letters * LEAST_PX) / shown}px`);
}

/** A point of the window in metres on the floor. */
export function metres(x, y) {
  const point = new DOMPoint(x, y).matrixTransform(plan().getScreenCTM().inverse());
  return { across: point.x / CM, deep: -point.y / CM };
}
