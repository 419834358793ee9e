// Asks every few seconds, while the page is looked at, whether somebody else has changed the job.

const EVERY_MS = 3000;

export function connectNews(door, signal) {
  const timer = setInterval(() => {
    if (!document.hidden) {
      door.askForNews().catch(() => {});
    }
  }, EVERY_MS);
  signal.addEventListener("abort", () => clearInterval(timer));
}
