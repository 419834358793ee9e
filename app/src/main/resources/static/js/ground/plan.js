// The drawing of the plan on the page, and where on the floor a point of the window lies.
const CM = 100;

export function plan() {
  return document.querySelector("[data-plan]");
}

/** A point of the window in metres on the floor. */
export function metres(x, y) {
  const point = new DOMPoint(x, y).matrixTransform(plan().getScreenCTM().inverse());
  return { across: point.x / CM, deep: -point.y / CM };
}
