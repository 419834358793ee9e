// Sends edits one after the other and puts the answer's pieces in place. Nothing else talks to the server.
import { newId } from "./id.js";
import { Notice } from "./notice.js";
import { putInPlace } from "./pieces.js";

const JSON_HEADERS = { Accept: "application/json", "Content-Type": "application/json" };
const NOT_KNOWN = "Whether it was saved is not known.";
const NOT_SAVED = "That did not work. Nothing was changed.";
/** Longer than a page ever takes; an edit that is sent again is not made again. */
const ANSWER_WITHIN_MS = 30000;
const AGAIN_AFTER_MS = [1000, 2000, 4000, 8000, 15000];
/** A fault of the application's own does not go away by asking. */
const MOST_TRIES_AT_A_FAULT = 3;

/** An answer that was not what was hoped for; `field` names what it is about. */
export class Refusal extends Error {
  constructor(status, problem) {
    super(problem.message ?? (status >= 500 ? NOT_KNOWN : NOT_SAVED));
    this.status = status;
    this.field = problem.field ?? "";
    this.present = problem.present ?? "";
    this.before = problem.before ?? "";
    this.who = problem.who ?? "";
  }
}

export class Door extends EventTarget {
  #job;
  #stage;
  #queue = Promise.resolve();
  #waiting = 0;
  #notice = new Notice();
  #holding = false;
  #hold = (event) => event.preventDefault();

  constructor(job, stage) {
    super();
    this.#job = job;
    this.#stage = stage;
  }

  get parameters() {
    return Object.fromEntries(new URLSearchParams(location.search));
  }

  /**
   * Queues an edit. `body` is called when its turn has come, so that it sees the page as the edit before left it.
   * Resolves to the answer; rejects with a Refusal when the server said no, after which nothing was saved.
   */
  edit(path, body) {
    this.#busy(1);
    const turn = this.#queue.then(() => this.#send(path, body)).finally(() => this.#busy(-1));
    this.#queue = turn.catch(() => {});
    return turn;
  }

  /** Asks how the page would look; saves nothing. While an edit is on its way there is nothing to preview against. */
  async preview(changes, signal) {
    return this.previewOf({ changes }, signal);
  }

  /** The same of changes or of a gesture, with parameters of its own where the page would show something else then. */
  async previewOf(content, signal) {
    if (this.#waiting === 0) {
      const answer = await this.#post("changes", { preview: true, ...content }, signal);
      signal.throwIfAborted();
      this.#show(answer, "preview");
    }
  }

  /** Sends a file to be kept with this job; the plan does not change. */
  async send(path, file) {
    this.#busy(1);
    try {
      const body = new FormData();
      body.append("file", file);
      return await this.#answered(await fetch(`${this.#address()}/${path}`, { method: "POST", headers: this.#headers({ Accept: "application/json" }), body }));
    } finally {
      this.#busy(-1);
    }
  }

  /** Asks the server something about this job that changes nothing. */
  ask(path, content, signal) {
    return this.#post(path, content, signal);
  }

  /** Reads something of this job that is no part of the page. */
  async read(path) {
    this.#busy(1);
    try {
      return await this.#answered(await fetch(`${this.#address()}/${path}`, { headers: { Accept: "application/json" } }));
    } finally {
      this.#busy(-1);
    }
  }

  /** Drawings that this page waits for, without holding up anything else. */
  async drawings(query, signal) {
    return this.#answered(await fetch(`${this.#address()}/drawings?${query}`, { headers: { Accept: "application/json" }, signal }));
  }

  /** Reads a part of a page of this job. */
  async readPage(path) {
    this.#busy(1);
    try {
      const response = await fetch(`${this.#address()}/${path}`, { headers: { Accept: "text/html" } });
      if (!response.ok) {
        throw new Refusal(response.status, {});
      }
      return await response.text();
    } finally {
      this.#busy(-1);
    }
  }

  /** Shows what others have changed since this page was answered last; never while an edit is on its way. */
  async askForNews() {
    if (this.#waiting > 0) {
      return;
    }
    const version = document.body.dataset.version;
    const query = new URLSearchParams({ ...this.parameters, since: version, beside: document.body.dataset.beside });
    const response = await fetch(`${this.#address()}/${this.#stage}/news?${query}`, { headers: JSON_HEADERS });
    if (response.status === 401) {
      this.#notice.tellSignedOut();
    }
    if (response.status >= 500) {
      throw new Refusal(response.status, {});
    }
    if (response.status !== 200 || this.#waiting > 0 || document.body.dataset.version !== version) {
      return;
    }
    const answer = await response.json();
    this.#show(answer, "news");
    this.#notice.say(answer.done);
  }

  /** Says something at the foot of the page, for what has no place of its own. */
  tell(text) {
    this.#notice.say(text);
  }

  /** Shows the stage with some parameters changed, when all that was asked before has been answered. */
  select(changed) {
    this.#busy(1);
    const turn = this.#queue.then(() => this.#select(changed)).finally(() => this.#busy(-1));
    this.#queue = turn.catch(() => {});
    return turn;
  }

  async #select(changed) {
    const query = new URLSearchParams(Object.entries({ ...this.parameters, ...changed }).filter(([, value]) => value !== ""));
    const response = await fetch(`${this.#address()}/${this.#stage}/pieces?${query}`, { headers: JSON_HEADERS });
    if (!response.ok) {
      location.assign(`?${query}`);
      return;
    }
    this.#show(await response.json());
  }

  async #send(path, body) {
    const content = body();
    if (content === null) {
      return null;
    }
    const answer = await this.#untilAnswered(path, content);
    this.#show(answer);
    this.#notice.say(answer.done ? `Done: ${answer.done}` : "");
    return answer;
  }

  /** Tries again by itself as long as nobody answers, and when the person says so where the session has ended. */
  async #untilAnswered(path, content) {
    const edit = { ...content, edit: newId() };
    for (let tries = 1; ; tries++) {
      try {
        const answer = await this.#post(path, edit, AbortSignal.timeout(ANSWER_WITHIN_MS));
        this.#lost(false);
        return answer;
      } catch (problem) {
        const refused = problem instanceof Refusal && problem.status < 500;
        const signedOut = refused && (problem.status === 401 || problem.status === 403);
        if ((refused && !signedOut) || (problem.status === 500 && tries >= MOST_TRIES_AT_A_FAULT)) {
          this.#lost(false);
          throw problem;
        }
        this.#lost(true);
        if (signedOut) {
          await this.#notice.signedOut("You are signed out. Your edit is kept here:");
        } else {
          const pause = AGAIN_AFTER_MS[Math.min(tries, AGAIN_AFTER_MS.length) - 1];
          await this.#notice.waiting(`The application does not answer. ${NOT_KNOWN} It is tried again by itself.`, pause);
        }
        await this.#refreshToken();
      }
    }
  }

  /** An edit that was not answered is lost with the page: leaving it is asked about. */
  #lost(isLost) {
    if (isLost && !this.#holding) {
      addEventListener("beforeunload", this.#hold);
    } else if (!isLost) {
      removeEventListener("beforeunload", this.#hold);
      this.#notice.answered();
    }
    this.#holding = isLost;
  }

  async #post(path, content, signal) {
    const response = await fetch(`${this.#address()}/${path}`, {
      method: "POST",
      headers: this.#headers(JSON_HEADERS),
      body: JSON.stringify({ stage: this.#stage, parameters: this.parameters, ...content }),
      signal,
    });
    return this.#answered(response);
  }

  #headers(headers) {
    return { ...headers, "X-CSRF-TOKEN": document.querySelector("meta[name=csrf-token]").content };
  }

  async #answered(response) {
    const json = response.headers.get("Content-Type")?.includes("json") ? await response.json() : {};
    if (!response.ok) {
      throw new Refusal(response.status, json);
    }
    return json;
  }

  #show(answer, manner = "answer") {
    const query = new URLSearchParams(Object.entries(answer.parameters).filter(([, value]) => value !== ""));
    history.replaceState(null, "", query.size > 0 ? `?${query}` : location.pathname);
    putInPlace(answer.pieces, manner);
    if (manner !== "preview") {
      document.body.dataset.version = answer.version;
      document.body.dataset.beside = answer.beside;
    }
    this.dispatchEvent(new CustomEvent("shown"));
  }

  async #refreshToken() {
    const response = await fetch(location.href).catch(() => null);
    if (response?.ok) {
      const fresh = new DOMParser().parseFromString(await response.text(), "text/html");
      const token = fresh.querySelector("meta[name=csrf-token]");
      if (token) {
        document.querySelector("meta[name=csrf-token]").content = token.content;
      }
    }
  }

  #busy(step) {
    this.#waiting += step;
    document.body.dataset.busy = String(this.#waiting > 0);
  }

  #address() {
    return `/jobs/${this.#job}`;
  }
}
