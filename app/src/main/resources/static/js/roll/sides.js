// What lies beside Roll's three screens: what is left and in which order, people, settings, the clock, a take to be entered.
import { h, press } from "./parts.js";

/** What is left to do, in its order; pressed, a setup is chosen. */
export function left({ day, state, canOrder, act }) {
  const open = state.order.filter((setup) => !state.setups[setup].left);
  const done = state.order.length - open.length;
  return {
    where: `${open.length} of ${day.setups.length} setups left`,
    content: [
      h("h1", {}, "What is left"),
      h(
        "ol",
        { class: "rows" },
        open.map((setup) => {
          const stop = day.setups[setup];
          return h(
            "li",
            {},
            h(
              "button",
              { type: "button", class: "row", on: { click: () => act.choose(setup) } },
              h("span", { class: "figure" }, stop.at || stop.from || "no time"),
              h("span", {}, h("b", { class: "code" }, stop.shots.map((shot) => day.shots[shot].code).join(" ")), ` ${stop.action}`),
              h("span", { class: "quiet" }, stop.once ? "once" : stop.spot),
            ),
          );
        }),
      ),
      open.length === 0 && h("p", { class: "note" }, "Nothing is left. Copy the cards twice before any of them is formatted."),
      done > 0 && h("p", { class: "quiet" }, `${done} done.`),
    ],
    presses: [press("Back", act.back, { look: "wide", key: "primary" }), canOrder && open.length > 1 && press("Order it anew", act.anew, { look: "wide" })],
  };
}

/** What a setup that is let go costs the cut; what is let go with it cannot stand in. */
function costs({ day, found }, setup) {
  const { words, standIns, missed } = day.setups[setup].loss;
  const gone = new Set(found.letGo.flatMap((one) => day.setups[one].shots));
  const standIn = standIns.find((shot) => !gone.has(shot));
  const instead = standIn === undefined ? "Nothing that is shot could stand in." : `${day.shots[standIn].code} could stand in.`;
  return missed ? `${words} ${instead}` : words;
}

/** What is left in another order: what moves, what is let go, and what the cut loses by it. Nothing changes until it is taken. */
export function anew(view) {
  const { day, state, found, clock, act } = view;
  if (!found) {
    return { where: "What is left, anew", content: [h("h1", {}, "What is left, anew"), h("p", { class: "quiet", role: "status" }, "Working it out…")], presses: [press("Keep the old one", act.back, { look: "wide", key: "primary" })] };
  }
  const end = found.rows.at(-1)?.endMs;
  const going = day.people.flatMap(({ name }, person) => {
    const last = found.rows.filter(({ setup }) => day.setups[setup].people.includes(person)).at(-1);
    return last && last.endMs < end ? [`${name} may go at ${clock.text(last.endMs)}.`] : [];
  });
  const row = ({ setup, readyMs, moved }) => {
    const stop = day.setups[setup];
    return h(
      "li",
      { class: "row" },
      h("span", { class: "figure" }, clock.text(readyMs)),
      h("span", {}, h("b", { class: "code" }, stop.shots.map((shot) => day.shots[shot].code).join(" ")), ` ${stop.action}`, moved && h("span", { class: "quiet" }, " moved")),
      h("span", { class: "quiet" }, stop.at || (stop.once ? "once" : "")),
    );
  };
  const unmoving = found.letGo.some((setup) => day.setups[setup].at !== "");
  return {
    where: day.setups[day.shots[state.takes.filter(({ shot }) => shot >= 0).at(-1)?.shot]?.setup]?.spot ?? day.name,
    content: [
      h("h1", {}, "What is left, anew"),
      h("p", { class: "quiet" }, `Worked out on this phone at ${clock.text(found.atMs)}.`),
      h("ol", { class: "rows" }, found.rows.map(row)),
      found.letGo.length > 0 && h("h2", {}, "Let go"),
      found.letGo.map((setup) => h("p", {}, h("b", { class: "code" }, day.setups[setup].shots.map((shot) => day.shots[shot].code).join(" ")), ` ${day.setups[setup].action}. ${costs(view, setup)}`)),
      h("p", { class: "quiet" }, [unmoving ? "" : "Everything that will not wait is kept.", end ? `The last ends at ${clock.text(end)}.` : "", ...going].filter(Boolean).join(" ")),
    ],
    presses: [
      press("Take this order", act.takeOrder, { look: "caution", key: "primary" }),
      press("Keep the old one", act.back),
      press("Another", act.another),
    ],
  };
}

export function people({ day, state, withdrawn, given, act }) {
  return {
    where: "People",
    content: [
      h("h1", {}, "People"),
      h(
        "ul",
        { class: "rows" },
        day.people.map((person, place) => {
          const said = state.consents[place];
          const refused = said === withdrawn || (said === 0 && person.refused);
          const open = said !== given && (said === 0 ? person.consentOpen : !refused);
          const going = ["needed", "may go", "was told to go"][state.leaving[place]];
          return h(
            "li",
            { class: "person" },
            h("p", {}, h("b", {}, person.name), h("span", { class: "quiet" }, ` ${person.hours}`)),
            h("p", { class: refused ? "alarm" : "quiet" }, `${going}, consent ${refused ? "withdrawn: all their takes say so" : open ? "open" : "given"}`),
            h(
              "div",
              { class: "chips" },
              (open || refused) && h("button", { type: "button", class: "chip", on: { click: () => act.consent(person.id, "GIVEN") } }, "Consent given"),
              !refused && h("button", { type: "button", class: "chip", on: { click: () => act.consent(person.id, "REFUSED") } }, "Withdrawn"),
              state.leaving[place] === 1 && h("button", { type: "button", class: "chip", on: { click: () => act.release(person.id) } }, "Told to go"),
            ),
          );
        }),
      ),
    ],
    presses: [press("Back", act.back, { look: "wide", key: "primary" })],
  };
}

export function more({ day, settings, facts: said, act }) {
  const choice = (words, on, turn) => h("label", { class: "check" }, h("input", { type: "checkbox", checked: on, on: { change: turn } }), h("span", {}, words));
  return {
    where: "More",
    content: [
      h("h1", {}, day.name),
      h("p", { class: "quiet" }, `${day.date}, call ${day.call}, wrap ${day.wrap}`),
      day.moments.length > 0 && h("p", { class: "quiet" }, day.moments.join(" · ")),
      day.bodies.length > 1 &&
        h(
          "div",
          { class: "chips", role: "group", "aria-label": "Camera of this phone" },
          day.bodies.map(({ id, name }) =>
            h("button", { type: "button", class: "chip", "aria-pressed": String(id === settings.body), on: { click: () => act.camera(id) } }, name),
          ),
        ),
      choice("Bright, for the sun", settings.theme === "bright", act.theme),
      choice("Sounds", settings.sound, act.sound),
      h(
        "div",
        { class: "reasons" },
        press("People", act.people),
        press("Film the clock", act.filmClock),
        press("Enter a take", act.enter),
        press("Let this shot go", act.letGo),
        press("Save the log", act.save),
        said.update && press("Take the newer version", act.update),
      ),
      said.signIn && h("p", {}, h("a", { class: "press", href: said.signIn }, "Sign in again"), " ", h("a", { class: "press", href: "/crew" }, "Come in with a crew code")),
      said.lines.map((line) => h("p", { class: "quiet" }, line)),
      said.refused.map(({ entry, refused }) => h("p", { class: "alarm" }, `${entry.what}: ${refused}`)),
    ],
    presses: [press("Back", act.back, { look: "wide", key: "primary" })],
  };
}

/** The big time code, to be filmed by each camera. */
export function filmedClock({ day, filmed, act }) {
  return {
    where: "Film this with each camera",
    content: [
      h("p", { class: "time-code figure", id: "time-code" }, "00:00:00.0"),
      h("p", { class: "quiet" }, "Greenwich time. A second of it in every camera, once: the clips find their takes by it."),
    ],
    presses: [
      ...day.bodies.map(({ id, name }) => press(`${filmed.has(id) ? "Again by" : "Filmed by"} ${name}`, () => act.filmed(id), { key: `filmed-${id}` })),
      press("Back", act.back, { look: "wide", key: "primary" }),
    ],
  };
}

/** A take that was rolled without the phone. */
export function entered({ day, place, settings, problem, act }) {
  return {
    where: "A take without the phone",
    content: [
      h("h1", {}, "Enter a take"),
      h(
        "form",
        { class: "fields", id: "enter-form", on: { submit: (event) => act.enterTake(event) } },
        h("label", {}, "Shot", h("select", { name: "shot" }, day.shots.map(({ id, code, title }, one) => h("option", { value: id, selected: one === place }, `${code} ${title}`)))),
        h("label", {}, "Camera", h("select", { name: "body" }, day.bodies.map(({ id, name }) => h("option", { value: id, selected: id === settings.body }, name)))),
        h("label", {}, "Clean seconds", h("input", { name: "clean", inputmode: "decimal", maxlength: 6, required: true, "aria-describedby": "enter-problem" })),
        h("label", {}, "Clip", h("input", { name: "clip", maxlength: 60, autocomplete: "off" })),
        h("p", { class: "alarm", id: "enter-problem", role: "alert" }, problem),
      ),
    ],
    presses: [h("button", { type: "submit", form: "enter-form", class: "press press-go", "data-press": "primary" }, "Enter it"), press("Back", act.back, { look: "wide" })],
  };
}
