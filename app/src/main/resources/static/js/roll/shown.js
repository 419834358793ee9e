// What Roll shows: a screen is built anew only where it differs, the focus stays where it was or goes to the one large button.

const STEADY_MS = 350;

export class Shown {
  #kind = "";
  #html = "";
  #steadyUntil = 0;

  constructor() {
    document.getElementById("presses").addEventListener("click", (event) => this.#steady(event), { capture: true });
    document.addEventListener("keydown", (event) => this.#key(event));
  }

  /** Shows a screen of a kind. */
  show(kind, { where, content, foot = "", presses }) {
    const screen = document.getElementById("screen");
    const nav = document.getElementById("presses");
    document.getElementById("where").textContent = where;
    document.getElementById("foot").textContent = foot;
    if (kind !== this.#kind) {
      this.#steadyUntil = performance.now() + STEADY_MS;
    }
    const pieces = [...content.flat().filter(Boolean)];
    const buttons = presses.filter(Boolean);
    const html = [...pieces, ...buttons].map((piece) => piece.outerHTML).join("");
    if (kind === this.#kind && html === this.#html) {
      return;
    }
    const focus = this.#focused();
    const scrolled = kind === this.#kind ? screen.scrollTop : 0;
    screen.replaceChildren(...pieces);
    nav.replaceChildren(...buttons);
    document.body.dataset.screen = kind;
    screen.scrollTop = scrolled;
    const again = kind === this.#kind ? focus && document.querySelector(focus) : null;
    (again ?? nav.querySelector("[data-press=primary]"))?.focus({ preventScroll: true });
    [this.#kind, this.#html] = [kind, html];
  }

  /** Where the focus is, in words that hold after the screen was built anew. */
  #focused() {
    const { name, dataset } = document.activeElement ?? {};
    return dataset?.press ? `[data-press="${CSS.escape(dataset.press)}"]` : name ? `[name="${CSS.escape(name)}"]` : null;
  }

  /** A press that was meant for the screen before does not hit the one that just came. */
  #steady(event) {
    if (performance.now() < this.#steadyUntil) {
      event.preventDefault();
      event.stopImmediatePropagation();
    }
  }

  /** Small remotes send a space or an enter. */
  #key(event) {
    const free = document.activeElement === null || ["BODY", "MAIN"].includes(document.activeElement.tagName);
    if (free && !event.repeat && [" ", "Enter"].includes(event.key)) {
      event.preventDefault();
      document.querySelector("#presses [data-press=primary]")?.click();
    }
  }
}
