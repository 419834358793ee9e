// Brings entries to the server and those of the others here, by itself, as long as it takes. Sending twice changes nothing.

const PORTION = 200;
const ANSWER_WITHIN_MS = 15000;
const ASK_EVERY_MS = 1000;
const OFFSET_DRIFT_MS = 200;
const GONE = 410;
/** A phone of the crew whose way in has ended still brings what it has; when that is not taken either, it is over. */
const STATES = { 401: "signed out", [GONE]: "over" };
const AGAIN_AFTER_MS = [2000, 4000, 8000, 15000, 30000];

export class Outbox extends EventTarget {
  #log;
  #address;
  #token = "";
  #last = 0;
  #fails = 0;
  #timer;
  #running = false;
  #remembered = {};
  state = "unknown";

  constructor(log, job) {
    super();
    this.#log = log;
    this.#address = `/jobs/${job}/roll/log`;
    log.addEventListener("said", () => this.now());
    addEventListener("online", () => this.now());
    document.addEventListener("visibilitychange", () => !document.hidden && this.now());
  }

  async start() {
    this.#last = (await this.#log.kept.get("last")) ?? 0;
    this.now();
  }

  /** At once, whatever was planned. */
  now() {
    clearTimeout(this.#timer);
    this.#run();
  }

  async #run() {
    if (this.#running) {
      return;
    }
    this.#running = true;
    try {
      const ended = await this.#fetchNews().catch((problem) => (problem.status === GONE ? true : Promise.reject(problem)));
      await this.#send();
      this.#fails = 0;
      this.#is(ended === true ? "ended" : "here");
    } catch (problem) {
      this.#fails += 1;
      this.#is(STATES[problem.status] ?? "away");
    }
    this.#running = false;
    clearTimeout(this.#timer);
    const pause = this.#fails === 0 ? ASK_EVERY_MS : AGAIN_AFTER_MS[Math.min(this.#fails, AGAIN_AFTER_MS.length) - 1];
    this.#timer = setTimeout(() => this.#run(), this.#log.waiting.length > 0 && this.#fails === 0 ? 0 : pause);
  }

  #is(state) {
    if (this.state !== state) {
      this.state = state;
      this.dispatchEvent(new Event("changed"));
    }
  }

  async #fetchNews() {
    for (let more = true; more; ) {
      const news = await this.#asked(`${this.#address}?since=${this.#last}`, {});
      await this.#log.took(news.entries);
      this.#last = news.last;
      this.#token = news.token;
      more = news.more;
      await this.#remember("last", this.#last, 0);
      this.dispatchEvent(new CustomEvent("plan", { detail: news.planVersion }));
    }
  }

  async #send() {
    const entries = this.#log.waiting.sort((one, other) => one.number - other.number).slice(0, PORTION);
    if (entries.length === 0) {
      return;
    }
    const taken = await this.#asked(this.#address, {
      method: "POST",
      headers: { "Content-Type": "application/json", "X-CSRF-TOKEN": this.#token },
      body: JSON.stringify({ format: "upshot-lane-log", version: 1, entries }),
    });
    await this.#log.sent(
      entries.map((entry) => entry.id),
      new Map(taken.refused.map(({ id, why }) => [id, why])),
    );
  }

  async #asked(address, request) {
    const askedMs = Date.now();
    const response = await fetch(address, {
      ...request,
      headers: { Accept: "application/json", ...request.headers },
      redirect: "error",
      signal: AbortSignal.timeout(ANSWER_WITHIN_MS),
    });
    if (!response.ok) {
      throw Object.assign(new Error(`answered ${response.status}`), { status: response.status });
    }
    const answer = await response.json();
    this.#log.clock.measured(answer.nowMs, askedMs, Date.now(), answer.pace);
    await this.#remember("offset", this.#log.clock.offset, OFFSET_DRIFT_MS);
    return answer;
  }

  /** For when the page is opened again; what has hardly changed is not written every two seconds. */
  async #remember(name, value, drift) {
    if (this.#remembered[name] === undefined || Math.abs(this.#remembered[name] - value) > drift) {
      this.#remembered[name] = value;
      await this.#log.kept.put(name, value).catch(() => {});
    }
  }
}
