// A player's buttons, keys and caption. With the player and its drawings it is all there is on the page for a client, which
// holds the three as one script: they import one another only, a line each.
import { Player } from "./player.js";

const ONLY_CALM = "(prefers-reduced-motion: reduce)";

/** Wires a player's buttons, caption and keys inside an element; `more` are buttons that only some pages have. */
export function connectPlayer(root, playing, more = {}) {
  const player = new Player(root.querySelector("[data-screen]"), playing, {}, matchMedia(ONLY_CALM).matches);
  const caption = root.querySelector("[data-caption]");
  const button = (what) => root.querySelector(`[data-do="${what}"]`);
  const seconds = (frames) => (frames / playing.rate).toFixed(1);

  function tell() {
    const use = playing.uses[player.shown];
    // While it plays nobody wants every use read out.
    caption.setAttribute("aria-live", player.runs ? "off" : "polite");
    caption.textContent = use
      ? `${player.shown + 1} of ${playing.uses.length} · ${use.code} ${use.action}${use.pace === "real time" ? "" : `, ${use.pace}`} · ${seconds(player.frame)} of ${seconds(playing.frames)} s`
      : "Nothing is cut yet.";
    button("play").textContent = player.runs ? "Pause" : "Play";
    button("half").setAttribute("aria-pressed", String(player.pace < 1));
  }

  const does = {
    play: () => (player.runs ? player.pause() : player.play()),
    back: () => player.step(-1),
    on: () => player.step(1),
    half: () => player.setPace(player.pace < 1 ? 1 : 0.5),
    ...more,
  };
  const keys = { " ": "play", ArrowLeft: "back", ArrowRight: "on", h: "half", l: "loop", e: "eyes", c: "click" };
  const press = (what) => what in does && button(what) && does[what](player, button(what));

  const gone = new AbortController();
  root.addEventListener("click", (event) => press(event.target.closest?.("[data-do]")?.dataset.do), { signal: gone.signal });
  document.addEventListener(
    "keydown",
    (event) => {
      const onControl = event.target.closest?.("input, select, textarea") || (event.key === " " && event.target.closest?.("button, a"));
      if (keys[event.key] && !onControl && !event.ctrlKey && !event.metaKey && !event.altKey) {
        event.preventDefault();
        press(keys[event.key]);
      }
    },
    { signal: gone.signal },
  );
  addEventListener("resize", () => player.draw(), { signal: gone.signal });
  player.addEventListener("moved", tell);
  player.addEventListener("changed", tell);
  player.draw();
  tell();
  return { player, end: () => (player.pause(), gone.abort()) };
}

const alone = document.getElementById("playing");
if (alone) {
  connectPlayer(document.querySelector("[data-player]"), JSON.parse(alone.textContent));
}
