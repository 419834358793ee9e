// Small pieces that Roll's screens are built of.

/** An element: `on` are listeners, what else begins with a letter is an attribute; nothing stands for nothing. */
export function h(tag, { on = {}, ...attributes } = {}, ...children) {
  const element = document.createElement(tag);
  for (const [name, value] of Object.entries(attributes)) {
    if (value !== undefined && value !== null && value !== false) {
      element.setAttribute(name, value === true ? "" : value);
    }
  }
  Object.entries(on).forEach(([name, listener]) => element.addEventListener(name, listener));
  element.append(...children.flat().filter((child) => child !== null && child !== undefined && child !== false));
  return element;
}

/** A button of the lower third. */
export function press(words, act, { look = "plain", key } = {}) {
  return h("button", { type: "button", class: `press press-${look}`, "data-press": key ?? words, on: { click: act } }, words);
}

/** The drawing of a shot. */
export function frame(shot, look = "") {
  return h("figure", { class: `frame ${look}` }, drawing(shot.svg));
}

function drawing(markup) {
  const drawn = new DOMParser().parseFromString(markup, "text/html").querySelector("svg");
  return drawn && document.adoptNode(drawn);
}

/** The plan of a spot, to be opened. */
export function plan({ spot, svg }) {
  return h("details", { class: "spot-plan" }, h("summary", {}, `Plan of ${spot}`), drawing(svg));
}

const SHAPES = {
  GOT: "M8 1.5 A6.5 6.5 0 1 0 8.01 1.5 Z M8 5 A3 3 0 1 1 7.99 5 Z",
  SHORT: "M8 1.5 L15 14.5 H1 Z",
  LOST: "M8 1 L15 8 L8 15 L1 8 Z",
  LET_GO: "M3 7 H13 V9 H3 Z",
  TO_DO: "M8 2 A6 6 0 1 0 8.01 2 Z M8 3.6 A4.4 4.4 0 1 1 7.99 3.6 Z",
  ROLLING: "M8 2 A6 6 0 1 0 8.01 2 Z",
};

const WORDS = { GOT: "got", SHORT: "short", LOST: "lost", LET_GO: "let go", TO_DO: "to do", ROLLING: "rolling" };

export function words(status) {
  return WORDS[status];
}

/** A status as shape, colour and word. */
export function mark(status, more = "") {
  const svg = document.createElementNS("http://www.w3.org/2000/svg", "svg");
  svg.setAttribute("viewBox", "0 0 16 16");
  svg.setAttribute("aria-hidden", "true");
  const path = document.createElementNS("http://www.w3.org/2000/svg", "path");
  path.setAttribute("d", SHAPES[status]);
  path.setAttribute("fill-rule", "evenodd");
  svg.append(path);
  return h("span", { class: `mark mark-${status.toLowerCase()}` }, svg, ` ${WORDS[status]}${more}`);
}

export function seconds(value) {
  return `${Math.floor(value)} s`;
}
