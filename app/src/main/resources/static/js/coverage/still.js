// A reference still beside the drawn frame, and over it as far as the slider says.
import { showProblem } from "../web/problems.js";

/** Sends the picture, then makes it the shot's own: the second is an edit that can be undone. */
async function put(door, control) {
  const [file] = control.files;
  // An empty attribute is left out of the page.
  const { id, before = "" } = control.dataset;
  if (!file) {
    return;
  }
  try {
    const { hash } = await door.send("stills", file);
    const step = { op: "set", kind: "shot", id, field: "still", before, after: hash };
    await door.edit("changes", () => ({ changes: [step] }));
  } catch (refusal) {
    showProblem(null, refusal.message, control.closest(".still-put"));
  } finally {
    control.value = "";
  }
}

/** The panel is drawn anew with every answer; how far the picture lies over the frame stays. */
function lay(share) {
  const over = document.querySelector(".still-over");
  if (over) {
    over.style.opacity = String(share / 100);
  }
}

export function connectStill(door, signal) {
  let share = 0;
  document.addEventListener("change", (event) => event.target.matches("[data-still]") && put(door, event.target), { signal });
  document.addEventListener(
    "input",
    (event) => {
      if (event.target.matches("[data-still-over]")) {
        share = Number(event.target.value);
        lay(share);
      }
    },
    { signal },
  );
  door.addEventListener("shown", () => {
    const slider = document.querySelector("[data-still-over]");
    share = slider ? Number(slider.value) : 0;
    lay(share);
  });
}
