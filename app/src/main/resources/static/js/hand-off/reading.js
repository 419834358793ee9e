// A worker that reads the headers of a card's files; says each as it comes.
import { header } from "./headers.js";

const FILM = /\.(mp4|mov|m4v)$/i;
const PROXY = /(\/sub\/|\/proxy\/|_proxy\.|\.lrv$)/i;
const OTHER_FILM = /\.(mxf|braw|r3d|crm|ari|nev|avi|mts|m2ts)$/i;

// Paths come along: what a file was chosen by does not survive the way into a worker.
self.addEventListener("message", async ({ data: { files, card } }) => {
  const films = files.filter(({ path }) => FILM.test(path) && !PROXY.test(`/${path}`));
  const other = files.filter(({ path }) => OTHER_FILM.test(path)).length;
  for (const [place, { file, path }] of films.entries()) {
    try {
      self.postMessage({ clip: await header(file, card, path), place, all: films.length, file });
    } catch (broken) {
      self.postMessage({ unread: path, why: broken.message, place, all: films.length });
    }
  }
  self.postMessage({ ended: true, all: films.length, other });
});
