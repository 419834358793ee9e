// Roll's three screens, ready, rolling and review: what they show for a state of the day, and which buttons they have. They
// change nothing themselves.
import { h, press, frame, mark, plan, seconds } from "./parts.js";

function facts(shot) {
  return h("dl", { class: "facts" }, shot.facts.map(({ name, value }) => h("div", {}, h("dt", {}, name), h("dd", {}, value))));
}

function shotChoice({ day, state, setup, place, act }) {
  const shots = day.setups[setup].shots;
  return (
    shots.length > 1 &&
    h(
      "div",
      { class: "chips", role: "group", "aria-label": "Shots of this setup" },
      shots.map((one) =>
        h(
          "button",
          { type: "button", class: "chip", "aria-pressed": String(one === place), on: { click: () => act.chooseShot(one) } },
          h("b", { class: "code" }, day.shots[one].code),
          " ",
          mark(state.shots[one].status),
        ),
      ),
    )
  );
}

function cautions({ day, state, setup }) {
  return day.setups[setup].cautions.map(({ label, care }) =>
    h("p", { class: "caution" }, h("b", {}, `${label}. `), care, state.setups[setup].read && h("span", { class: "quiet" }, " Read.")),
  );
}

function checks({ day, state, setup, act }) {
  const ticked = state.setups[setup].checks;
  return h(
    "fieldset",
    { class: "checks" },
    h("legend", {}, "Before you roll"),
    day.setups[setup].checks.map((words, place) =>
      h(
        "label",
        { class: "check" },
        h("input", { type: "checkbox", checked: Boolean(ticked & (1 << place)), on: { change: ({ target }) => act.check(words, target.checked) } }),
        h("span", {}, words),
      ),
    ),
  );
}

/** Whose consent is open or was withdrawn, of those in front of the camera. */
function consents({ day, state, setup, withdrawn }) {
  return day.setups[setup].people.flatMap((person) => {
    const name = day.people[person].name;
    const said = state.consents[person];
    if (said === withdrawn || (said === 0 && day.people[person].refused)) {
      return [h("p", { class: "alarm" }, `${name} does not want to be filmed.`)];
    }
    return said === 0 && day.people[person].consentOpen ? [h("p", { class: "quiet" }, `The consent of ${name} is open.`)] : [];
  });
}

export function ready(view) {
  const { day, setup, place, notes, locked, act } = view;
  const stop = day.setups[setup];
  const shot = day.shots[place];
  return {
    where: `Setup ${stop.number} of ${day.setups.length}, ${stop.spot}`,
    content: [
      frame(shot),
      h("h1", {}, h("b", { class: "code" }, shot.code), ` ${shot.title}`),
      locked && cautions(view),
      shotChoice(view),
      facts(shot),
      stop.carry && h("p", { class: "quiet" }, `To get ready: ${stop.carry}.`),
      consents(view),
      notes.slice(1).map((note) => h("p", { class: "note" }, note)),
      !locked && cautions(view),
      checks(view),
      (day.plans ?? []).filter(({ spot }) => spot === stop.spot).map(plan),
    ],
    foot: notes[0],
    presses: [
      locked ? press("I have read this", act.read, { look: "caution", key: "primary" }) : press(`Roll ${shot.code}`, act.roll, { look: "roll", key: "primary" }),
      press("Later", act.later),
      press("Something good", act.extra),
      press("What is left", act.list, { look: "quiet" }),
      press("More", act.more, { look: "quiet" }),
    ],
  };
}

const RING = 2 * Math.PI * 44;

function ring() {
  const svg = document.createElementNS("http://www.w3.org/2000/svg", "svg");
  svg.setAttribute("viewBox", "0 0 100 100");
  svg.setAttribute("aria-hidden", "true");
  for (const name of ["ring-way", "ring-done"]) {
    const circle = document.createElementNS("http://www.w3.org/2000/svg", "circle");
    Object.entries({ cx: 50, cy: 50, r: 44, class: name }).forEach(([key, value]) => circle.setAttribute(key, value));
    svg.append(circle);
  }
  svg.lastChild.setAttribute("stroke-dasharray", `0 ${RING}`);
  return svg;
}

/** Moves the ring and its figures, without building the screen anew. */
export function turnRing(root, { share, figure, under, hint }) {
  root.querySelector(".ring-done")?.setAttribute("stroke-dasharray", `${RING * Math.min(1, share)} ${RING}`);
  const put = (name, words) => {
    const place = root.querySelector(name);
    if (place && place.textContent !== words) {
      place.textContent = words;
    }
  };
  put(".ring-figure", figure);
  put(".ring-under", under);
  put(".ring-hint", hint);
}

export function rolling({ day, take, camera, next, act }) {
  const shot = day.shots[take.shot];
  return {
    where: `${shot ? `${shot.code}, take ${take.number}` : `Extra ${take.number}`}${camera ? `, ${camera}` : ""}`,
    content: [
      shot && frame(shot, "frame-small"),
      h(
        "div",
        { class: "ring" },
        ring(),
        h("p", { class: "ring-words" }, h("span", { class: "ring-figure figure" }, "0:00"), h("span", { class: "ring-under" }, "")),
      ),
      h("p", { class: "ring-hint quiet", role: "status" }),
    ],
    presses: [
      shot && press("Not clean", act.notClean),
      next && press(`Next size, ${next.code}`, act.nextSize),
      press("Stop", act.stop, { look: "stop", key: "primary" }),
    ],
  };
}

function outcome({ day, take }) {
  return take.parts.map((part) => {
    const shot = day.shots[part.shot];
    const enough = shot && part.cleanS >= shot.enoughS;
    return h(
      "p",
      { class: "outcome" },
      h("b", { class: "code" }, shot ? shot.code : "Extra"),
      h("span", { class: "figure" }, shot ? ` ${seconds(part.cleanS)} clean of ${Math.round(shot.cleanS)}` : ` ${seconds(part.cleanS)}`),
      shot && mark(enough ? "GOT" : "SHORT"),
    );
  });
}

function naming({ day, act, named }) {
  return h(
    "div",
    { class: "fields" },
    h(
      "label",
      {},
      "Of which action",
      h(
        "select",
        { on: { change: ({ target }) => act.nameAction(target.value) } },
        h("option", { value: "" }, "none of them"),
        day.actions.map(({ id, name }) => h("option", { value: id, selected: id === named.action }, name)),
      ),
    ),
    h(
      "div",
      { class: "chips", role: "group", "aria-label": "Size" },
      day.sizes.map(({ name, label }) =>
        h("button", { type: "button", class: "chip", "aria-pressed": String(name === named.size), on: { click: () => act.nameSize(name) } }, label),
      ),
    ),
  );
}

function clipFields({ clip, act }) {
  const field = (label, name) =>
    h(
      "label",
      {},
      label,
      h("input", { type: "text", name: `clip-${name}`, maxlength: 60, autocomplete: "off", autocapitalize: "characters", value: clip[name], on: { input: ({ target }) => act.clip(name, target.value) } }),
    );
  return h("div", { class: "fields fields-two" }, field("Clip", "words"), field("Card", "detail"));
}

export function review(view) {
  const { day, take, canGoOn, asking, again, act } = view;
  const shot = day.shots[take.parts[0].shot];
  const where = shot ? `${shot.code}, take ${take.number}` : `Extra ${take.number}`;
  if (asking) {
    return {
      where,
      content: [
        h("h1", {}, "Why again?"),
        h(
          "div",
          { class: "reasons" },
          day.reasons.map(({ name, label }) => press(label, () => act.again(name), { key: name })),
        ),
      ],
      presses: [press("Back", act.askNoMore, { look: "quiet" })],
    };
  }
  return {
    where,
    content: [
      shot && frame(shot, "frame-small"),
      h("h1", {}, shot ? "The take" : "Something good"),
      outcome(view),
      again && h("p", { class: "note" }, again),
      !shot && naming(view),
      clipFields(view),
    ],
    presses: [
      press(shot ? "Keep" : "Keep it", act.keep, { look: "go", key: "primary" }),
      press(shot ? "Again" : "Not this one", act.ask),
      canGoOn && press("Still rolling", act.goOn),
    ],
  };
}
