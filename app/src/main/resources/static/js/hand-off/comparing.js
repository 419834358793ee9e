// A worker that reads every file a manifest names and says which are otherwise.
import { sha256 } from "../vendor/hashes.js";
import { manifests } from "./manifests.js";

const SAY_EVERY_MS = 250;

function hex(bytes) {
  return [...bytes].map((byte) => byte.toString(16).padStart(2, "0")).join("");
}

async function hash(file, read) {
  const hasher = sha256.create();
  const reader = file.stream().getReader();
  for (let { done, value } = await reader.read(); !done; { done, value } = await reader.read()) {
    hasher.update(value);
    read(value.length);
  }
  return hex(hasher.digest());
}

self.addEventListener("message", async ({ data: { files } }) => {
  try {
    const all = await manifests(files);
    const bytes = all.flatMap(({ there }) => there).reduce((sum, { held }) => sum + held.size, 0);
    let done = 0;
    let said = 0;
    const read = (more) => {
      done += more;
      if (performance.now() - said > SAY_EVERY_MS) {
        said = performance.now();
        self.postMessage({ done, bytes });
      }
    };
    const compared = [];
    for (const { manifest, there, missing, more } of all) {
      const otherwise = [];
      for (const { name, hash: wanted, held } of there) {
        const equal = await hash(held, read).then((is) => is === wanted, () => false);
        if (!equal) {
          otherwise.push(name);
        }
      }
      compared.push({ manifest, equal: there.length - otherwise.length, otherwise, missing, more });
    }
    self.postMessage({ compared });
  } catch (broken) {
    self.postMessage({ broken: broken.message });
  }
});
