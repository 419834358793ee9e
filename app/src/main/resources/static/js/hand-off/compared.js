// A folder against its manifest, in the page: says what is equal and what is not, and never that a card is safe.

const SHOWN = 3;

function counted(count, what) {
  return count === 1 ? `1 ${what}` : `${count} ${what}s`;
}

function names(all) {
  const first = all.slice(0, SHOWN).join(", ");
  return all.length > SHOWN ? `${first} and ${all.length - SHOWN} more` : first;
}

/** What is to be said of one manifest, the bad first. */
function words({ manifest, equal, otherwise, missing, more }) {
  const parts = [];
  if (otherwise.length > 0) {
    parts.push(`${counted(otherwise.length, "file")} otherwise or not to be read: ${names(otherwise)}`);
  }
  if (missing.length > 0) {
    parts.push(`${counted(missing.length, "file")} not there: ${names(missing)}`);
  }
  parts.push(`${counted(equal, "file")} as the manifest says`);
  if (more.length > 0) {
    parts.push(`${counted(more.length, "file")} that it does not name: ${names(more)}`);
  }
  return `${manifest}: ${parts.join("; ")}.`;
}

function line(one) {
  const bad = one.otherwise.length + one.missing.length > 0;
  const item = document.createElement("li");
  const mark = document.querySelector(`[data-mark=${bad ? "break" : one.more.length > 0 ? "watch" : "clear"}]`);
  item.append(mark.content.cloneNode(true), " ", words(one));
  return item;
}

/** Shows what was found. */
export function showCompared(compared) {
  const place = document.querySelector("[data-compared]");
  place.querySelector("ul").replaceChildren(...compared.map(line));
  place.hidden = compared.length === 0;
}

/**
 * Reads a folder's files in a worker.
 *
 * @param files with their paths
 * @param progress is told how far it is, in words
 * @param signal stops it
 */
export function compare(files, progress, signal) {
  const worker = new Worker(new URL("comparing.js", import.meta.url), { type: "module" });
  return new Promise((done, broken) => {
    const end = (settle) => (value) => {
      worker.terminate();
      settle(value);
    };
    signal.addEventListener("abort", () => end(broken)(new Error("Stopped. Nothing was compared to its end.")));
    worker.addEventListener("error", () => end(broken)(new Error("The folder could not be read here.")));
    worker.addEventListener("message", ({ data }) => {
      if (data.compared) {
        end(done)(data.compared);
      } else if (data.broken) {
        end(broken)(new Error(data.broken));
      } else {
        progress(`Comparing: ${Math.floor((100 * data.done) / Math.max(1, data.bytes))} %`);
      }
    });
    worker.postMessage({ files });
  });
}
