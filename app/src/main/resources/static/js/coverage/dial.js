// The dial: a pointer turns what the slider under it holds; keys and readers have the slider itself.

/** Where a pointer stands round the middle of the dial: 0 below, in front of the subject, clockwise, on the slider's steps. */
export function bearingAt(box, x, y, step) {
  const right = x - (box.left + box.width / 2);
  const down = y - (box.top + box.height / 2);
  const degrees = (Math.atan2(-right, down) * 180) / Math.PI;
  return (Math.round((degrees + 360) / step) * step) % 360;
}

export function connectDial(signal) {
  let turning = null;

  function turn(event) {
    const slider = turning.querySelector("input[type=range]");
    const bearing = String(bearingAt(turning.getBoundingClientRect(), event.clientX, event.clientY, Number(slider.step)));
    if (slider.value !== bearing) {
      slider.value = bearing;
      slider.dispatchEvent(new Event("input", { bubbles: true }));
    }
  }

  document.addEventListener(
    "pointerdown",
    (event) => {
      turning = event.target.closest?.("[data-dial]") ?? null;
      if (turning && event.button === 0) {
        event.preventDefault();
        turning.setPointerCapture(event.pointerId);
        turning.querySelector("input[type=range]").focus();
        turn(event);
      } else {
        turning = null;
      }
    },
    { signal },
  );
  document.addEventListener("pointermove", (event) => turning && turn(event), { signal });
  for (const end of ["pointerup", "pointercancel"]) {
    document.addEventListener(
      end,
      () => {
        turning?.querySelector("input[type=range]").dispatchEvent(new Event("change", { bubbles: true }));
        turning = null;
      },
      { signal },
    );
  }
}
