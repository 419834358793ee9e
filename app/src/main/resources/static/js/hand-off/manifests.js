// Manifests as sha256sum writes them: what each says of the files beside it.

const LINE = /^(\\?)([0-9a-f]{64}) [ *](.+)$/;
const ESCAPED = { "\\\\": "\\", "\\n": "\n", "\\r": "\r" };
const MANIFEST = /\.sha256$/i;
const MOST_BYTES = 64 * 1024 * 1024;

/** Browsers write a backslash in a name as a slash. */
function asChosen(path) {
  return path.replaceAll("\\", "/");
}

/** The names and hashes of a manifest; a name that holds a backslash or a line feed is written with one before it. */
export function parsed(text) {
  const named = new Map();
  for (const [place, line] of text.split("\n").entries()) {
    if (line === "") {
      continue;
    }
    const found = LINE.exec(line);
    if (!found) {
      throw new Error(`Line ${place + 1} is none of a manifest.`);
    }
    const name = found[1] ? found[3].replace(/\\[\\nr]/g, (one) => ESCAPED[one]) : found[3];
    named.set(name.replace(/^\.\//, ""), found[2]);
  }
  return named;
}

/**
 * What is to be compared: each manifest with the files that it names, what it names and is not there, and what lies in the
 * same folders and is not named.
 *
 * @param files with their paths from the chosen folder on
 */
export async function manifests(files) {
  const byPath = new Map(files.map((one) => [asChosen(one.path), one]));
  const all = [];
  for (const { file, path } of files.filter((one) => MANIFEST.test(one.path))) {
    if (file.size > MOST_BYTES) {
      throw new Error(`${path} is larger than 64 MB: no manifest is.`);
    }
    const base = path.slice(0, path.lastIndexOf("/") + 1);
    const named = parsed(await file.text());
    const known = new Set([...named.keys()].map(asChosen));
    const folders = new Set([...named.keys()].filter((name) => name.includes("/")).map((name) => name.split("/")[0]));
    const held = [...named].map(([name, hash]) => ({ name, hash, held: byPath.get(asChosen(base + name))?.file }));
    const more = files
      .filter((one) => one.path.startsWith(base) && !MANIFEST.test(one.path))
      .map((one) => one.path.slice(base.length))
      .filter((name) => folders.has(name.split("/")[0]) && !known.has(asChosen(name)));
    all.push({
      manifest: path,
      there: held.filter((one) => one.held),
      missing: held.filter((one) => !one.held).map(({ name }) => name),
      more,
    });
  }
  return all;
}
