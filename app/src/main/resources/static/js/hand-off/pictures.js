// A picture of each clip. It stays in this browser: the film is never sent anywhere.
import { openDB } from "../vendor/idb.js";

const WIDTH = 140;
const HEIGHT = 80;
const PATIENCE_MS = 8000;
const INTO_S = 1;

const store = openDB("upshot-clips", 1, { upgrade: (base) => base.createObjectStore("pictures") }).catch(() => null);
const shown = new Map();

function event(target, name) {
  return new Promise((done, broken) => {
    target.addEventListener(name, done, { once: true });
    target.addEventListener("error", () => broken(new Error("It does not play here.")), { once: true });
    setTimeout(() => broken(new Error("It took too long.")), PATIENCE_MS);
  });
}

async function frame(file) {
  const video = document.createElement("video");
  video.muted = true;
  video.preload = "auto";
  video.src = URL.createObjectURL(file);
  try {
    await event(video, "loadeddata");
    video.currentTime = Math.min(INTO_S, video.duration / 2);
    await event(video, "seeked");
    const canvas = new OffscreenCanvas(WIDTH, HEIGHT);
    const scale = Math.max(WIDTH / video.videoWidth, HEIGHT / video.videoHeight);
    const [width, height] = [video.videoWidth * scale, video.videoHeight * scale];
    canvas.getContext("2d").drawImage(video, (WIDTH - width) / 2, (HEIGHT - height) / 2, width, height);
    return await canvas.convertToBlob({ type: "image/jpeg", quality: 0.8 });
  } finally {
    URL.revokeObjectURL(video.src);
    video.removeAttribute("src");
  }
}

/** Takes a clip's picture and keeps it; what this browser cannot play has none. */
export async function keepPicture(id, file) {
  try {
    await (await store)?.put("pictures", await frame(file), id);
  } catch {
    // The drawn frame beside it stands for it.
  }
}

async function address(id) {
  if (!shown.has(id)) {
    const blob = await (await store)?.get("pictures", id);
    if (blob) {
      shown.set(id, URL.createObjectURL(blob));
    }
  }
  return shown.get(id);
}

/** Shows the pictures that there are in the places for them. */
export async function showPictures() {
  for (const place of document.querySelectorAll("[data-clip-picture]")) {
    const source = await address(place.dataset.clipPicture);
    if (source && place.firstElementChild?.src !== source) {
      const picture = new Image();
      picture.alt = "";
      picture.src = source;
      place.replaceChildren(picture);
    }
  }
}
