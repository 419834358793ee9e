// Problems stand beside the field they are about, in words, and leave what was typed alone.

let made = 0;

/** Shows a problem beside a control, or in the place kept for problems; false where there is neither. */
export function showProblem(control, message, container) {
  const setting = control?.closest(".setting");
  const place = setting ? beside(setting) : (container ?? document).querySelector("[data-problem]");
  if (!place) {
    return false;
  }
  place.textContent = message;
  place.hidden = false;
  place.id ||= `problem-${++made}`;
  setting?.classList.add("has-problem");
  control?.setAttribute("aria-invalid", "true");
  control?.setAttribute("aria-describedby", place.id);
  return true;
}

/** Puts buttons behind the problem of a control, one for each way out. */
export function offerChoice(control, choices) {
  const place = control.closest(".setting").querySelector(".problem");
  for (const [label, press] of Object.entries(choices)) {
    const button = document.createElement("button");
    button.type = "button";
    button.className = "mend";
    button.textContent = label;
    button.addEventListener("click", press, { once: true });
    place.append(button, " ");
  }
}

function beside(setting) {
  const known = setting.querySelector(".problem");
  if (known) {
    return known;
  }
  const place = document.createElement("p");
  place.className = "problem";
  place.setAttribute("role", "alert");
  setting.append(place);
  return place;
}

/** Takes back everything that `showProblem` did round a control. */
export function clearProblem(control, container) {
  control?.removeAttribute("aria-invalid");
  control?.removeAttribute("aria-describedby");
  const setting = control?.closest(".setting");
  setting?.classList.remove("has-problem");
  setting?.querySelector(".problem")?.remove();
  const kept = container?.querySelector(":scope > [data-problem]");
  if (kept) {
    kept.hidden = true;
  }
}
