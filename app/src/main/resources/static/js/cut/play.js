// The dialog in which the cut plays.
import { connectPlayer } from "./controls.js";
import { Sound } from "./sound.js";

/** The stretches that a line of the score shows, in frames. */
function lines() {
  return [...document.querySelectorAll(".tiles[data-from]")].map((line) => ({ from: Number(line.dataset.from), until: Number(line.dataset.until) }));
}

/** The line of the score that a frame lies on, no further than the cut goes. */
function lineOf(frame, frames) {
  const line = lines().find(({ from, until }) => frame >= from && frame < until);
  return line && { from: line.from, until: Math.min(line.until, frames) };
}

export function connectPlay(door, signal) {
  const dialog = document.getElementById("player");
  const note = dialog.querySelector("[data-play-note]");
  let going = null;
  let sound = null;

  /** Plays the cut as it stands, or another that is only proposed. */
  async function open(proposed = "") {
    if (dialog.open || (proposed === "" && document.querySelector(".tile") === null)) {
      return;
    }
    note.hidden = false;
    note.textContent = "Drawing…";
    dialog.showModal();
    try {
      const playing = await door.read(proposed || "cut/playing.json");
      note.hidden = true;
      if (dialog.open) {
        begin(playing, proposed === "");
      }
    } catch {
      note.textContent = "The cut could not be read. Close this and try again.";
    }
  }

  function begin(playing, own) {
    going = connectPlayer(dialog.querySelector("[data-player]"), playing, {
      loop: (player, button) => {
        player.setLoop(player.loop ? null : (lineOf(player.frame, playing.frames) ?? null));
        button.setAttribute("aria-pressed", String(player.loop !== null));
      },
      eyes: (player, button) => {
        player.eyes = !player.eyes;
        button.setAttribute("aria-pressed", String(player.eyes));
        player.draw();
      },
      click: (player, button) => {
        sound.clicks = !sound.clicks;
        button.setAttribute("aria-pressed", String(sound.clicks));
      },
    });
    sound = new Sound(going.player);
    const chosen = own && document.querySelector(".tile.is-chosen[data-start]");
    going.player.seek(chosen ? Number(chosen.dataset.start) : 0);
    going.player.play();
  }

  dialog.addEventListener(
    "close",
    () => {
      going?.end();
      sound?.close();
      going = null;
      sound = null;
      dialog.querySelectorAll("[aria-pressed]").forEach((button) => button.setAttribute("aria-pressed", "false"));
      dialog.querySelector("[data-music]").value = "";
    },
    { signal },
  );
  dialog.querySelector("[data-music]").addEventListener(
    "change",
    (event) => {
      const [file] = event.target.files;
      note.hidden = true;
      if (file && sound) {
        sound.take(file).catch(() => {
          note.hidden = false;
          note.textContent = "The browser cannot play this file. WAV, MP3, AAC and OGG usually work.";
        });
      }
    },
    { signal },
  );
  dialog.querySelector("[data-play-close]").addEventListener("click", () => dialog.close(), { signal });
  document.addEventListener("click", (event) => {
    const control = event.target.closest?.("[data-play]");
    if (control) {
      open(control.dataset.play);
    }
  }, { signal });
  document.addEventListener(
    "keydown",
    (event) => {
      const free = event.target === document.body || event.target.closest?.(".tile, .joint");
      if (event.key === " " && free && !event.ctrlKey && !event.metaKey && !event.altKey && localStorage.getItem("upshot-keys-off") !== "true") {
        event.preventDefault();
        open();
      }
    },
    { signal },
  );
}
