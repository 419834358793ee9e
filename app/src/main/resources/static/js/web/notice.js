// The line at the foot of the page: what was done, and what waits for the connection to come back.

const LEAST_MS = 4000;
const A_LETTER_MS = 50;

export class Notice {
  #line = document.getElementById("said");

  /** Says a sentence aloud and on screen, for as long as it takes to read. */
  say(text) {
    this.#line.replaceChildren(text);
    this.#line.classList.toggle("is-shown", text !== "");
    clearTimeout(this.timer);
    this.timer = setTimeout(() => this.#line.classList.remove("is-shown"), Math.max(LEAST_MS, text.length * A_LETTER_MS));
  }

  /** Shows why something waits; resolves when the person wants to try again. */
  offerRetry(text) {
    clearTimeout(this.timer);
    const button = document.createElement("button");
    button.type = "button";
    button.className = "button is-small";
    button.textContent = "Try again";
    this.#line.replaceChildren(`${text} `, button);
    this.#line.classList.add("is-shown");
    return new Promise((resolve) => {
      button.addEventListener(
        "click",
        () => {
          this.say("");
          resolve();
        },
        { once: true },
      );
    });
  }
}
