// The line at the foot of the page: what was done, and what waits for the connection to come back.

const LEAST_MS = 4000;
const A_LETTER_MS = 50;

export class Notice {
  #line = document.getElementById("said");
  #shown = "";
  #button = null;
  #goOn = () => {};

  /** Says a sentence aloud and on screen, for as long as it takes to read. */
  say(text) {
    if (this.#shown) {
      return;
    }
    this.#line.replaceChildren(text);
    this.#line.classList.toggle("is-shown", text !== "");
    clearTimeout(this.timer);
    this.timer = setTimeout(() => this.#line.classList.remove("is-shown"), Math.max(LEAST_MS, text.length * A_LETTER_MS));
  }

  /** Shows why something waits, once and without taking the focus; resolves after a while, or at a press. */
  waiting(text, forMs) {
    return new Promise((resolve) => {
      this.#goOn = resolve;
      this.#stay(text, this.#button ?? this.#made("Try now"));
      setTimeout(resolve, forMs);
    });
  }

  /** Shows that the session has ended; resolves when the person wants to try again. */
  signedOut(text) {
    return new Promise((resolve) => {
      this.#goOn = resolve;
      this.#stay(text, signInLink(), " then ", this.#button ?? this.#made("Try again"));
    });
  }

  /** Says once that the session has ended, while nothing waits for it. */
  tellSignedOut() {
    if (!this.#shown) {
      this.#stay("You are signed out. What you typed is still here to copy:", signInLink(), " and load this page again.");
    }
  }

  /** Takes back what waited. */
  answered() {
    if (this.#shown) {
      this.#shown = "";
      this.#button = null;
      this.say("");
    }
  }

  /** The same line is not put up again: it would be read out again, and the button would lose the focus. */
  #stay(text, ...behind) {
    clearTimeout(this.timer);
    if (this.#shown !== text) {
      this.#shown = text;
      this.#line.replaceChildren(`${text} `, ...behind);
    }
    this.#line.classList.add("is-shown");
  }

  #made(label) {
    this.#button = document.createElement("button");
    this.#button.type = "button";
    this.#button.className = "button is-small";
    this.#button.textContent = label;
    this.#button.addEventListener("click", () => this.#goOn());
    return this.#button;
  }
}

function signInLink() {
  const link = document.createElement("a");
  link.href = "/sign-in";
  link.target = "_blank";
  link.rel = "noopener";
  link.textContent = "sign in in another tab,";
  return link;
}
