// Shows in the line itself, while it is typed, which words were understood as facts.

const ASK_AFTER_MS = 120;

function stretch(line, chip, className) {
  const mark = document.createElement("mark");
  mark.className = className;
  mark.textContent = line.slice(chip.start, chip.end);
  return mark;
}

/** The line as text and marks, in order. */
function marked(line, understood) {
  const chips = [
    ...understood.chips.map((chip) => ({ ...chip, className: "is-fact" })),
    ...understood.unknown.map((chip) => ({ ...chip, className: "is-unknown" })),
  ].sort((one, other) => one.start - other.start);
  const parts = [];
  let at = 0;
  for (const chip of chips) {
    parts.push(line.slice(at, chip.start), stretch(line, chip, chip.className));
    at = chip.end;
  }
  parts.push(line.slice(at));
  return parts;
}

/** A fact as a button that picks out its words in the line, so that typing replaces them. */
function button(input, chip, className) {
  const made = document.createElement("button");
  made.type = "button";
  made.className = `chip ${className}`;
  made.textContent = chip.label;
  made.addEventListener("click", () => {
    input.focus();
    input.setSelectionRange(chip.start, chip.end);
  });
  return made;
}

function say(place, input, understood) {
  const chosen = document.getElementById("quick-beat").selectedOptions[0];
  if (chosen?.value === "sound") {
    place.replaceChildren("Enter keeps it with the action that it belongs to, by its words.");
    return;
  }
  const beat = chosen?.textContent ?? "the first beat";
  const subject = understood.subject ? `, seen: ${understood.subject}` : "";
  const parts = [`Enter adds it to ${beat}${subject}. `];
  if (understood.guess) {
    const guess = document.createElement("span");
    guess.className = "chip is-guess";
    guess.textContent = understood.guess;
    parts.push("Guessed: ", guess, " ");
  }
  if (understood.chips.length > 0) {
    parts.push("Understood: ", ...understood.chips.map((chip) => button(input, chip, "")));
  }
  if (understood.unknown.length > 0) {
    parts.push(" Not understood: ", ...understood.unknown.map((chip) => button(input, chip, "chip-caution")));
  }
  place.replaceChildren(...parts);
}

export function connectLine(door, signal) {
  const input = document.getElementById("quick-line");
  const mirror = document.getElementById("line-mirror");
  const place = document.getElementById("line-understood");
  const usual = place.textContent;
  let asking = new AbortController();
  let waiting = 0;

  const scroll = () => {
    mirror.scrollLeft = input.scrollLeft;
  };

  async function ask(line) {
    asking.abort();
    asking = new AbortController();
    const { signal: stopped } = asking;
    const understood = await door.ask("brief/line", { line }, stopped);
    if (input.value === line) {
      mirror.replaceChildren(...marked(line, understood));
      say(place, input, understood);
      scroll();
    } else if (input.value.trim() === "") {
      rest();
    }
  }

  /** Nothing is being typed: what was said of the last line gives way to the hint. */
  function rest() {
    asking.abort();
    mirror.replaceChildren();
    place.replaceChildren(usual);
  }

  /** A later letter takes the place of an earlier one; anything else is said. */
  function unread(problem) {
    if (problem.name !== "AbortError") {
      place.replaceChildren("It cannot be read ahead right now; it is read when it is added.");
    }
  }

  function typed() {
    clearTimeout(waiting);
    mirror.replaceChildren(input.value);
    if (input.value.trim() === "") {
      rest();
      return;
    }
    // The field may have been emptied meanwhile, because its line was added.
    waiting = setTimeout(() => (input.value.trim() === "" ? rest() : ask(input.value).catch(unread)), ASK_AFTER_MS);
  }

  input.addEventListener("input", typed, { signal });
  input.addEventListener("scroll", scroll, { signal });
  door.addEventListener("shown", typed, { signal });
  const beat = document.getElementById("quick-beat");
  const asks = () => {
    document.getElementById("talk-asks").textContent = beat.selectedOptions[0]?.dataset.asks ?? "What happens?";
  };
  beat.addEventListener(
    "change",
    () => {
      asks();
      typed();
    },
    { signal },
  );
  asks();
}
