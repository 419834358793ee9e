// Asks every few seconds, while the page is looked at, whether somebody else has changed the job.

const EVERY_MS = 3000;
/** One answer can be lost; after some in a row it is said that others are not seen. */
const LOST_BEFORE_SAID = 3;

export function connectNews(door, signal) {
  let lost = 0;

  async function ask() {
    try {
      await door.askForNews();
      if (lost >= LOST_BEFORE_SAID) {
        door.tell("The application answers again.");
      }
      lost = 0;
    } catch {
      lost += 1;
      if (lost === LOST_BEFORE_SAID) {
        door.tell("The application does not answer. What others change is not shown until it does.");
      }
    }
  }

  const timer = setInterval(() => document.hidden || ask(), Number(document.body.dataset.newsMs ?? EVERY_MS));
  signal.addEventListener("abort", () => clearInterval(timer));
}
