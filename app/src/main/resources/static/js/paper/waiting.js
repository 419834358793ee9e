// Says how far a paper is, and takes it when it is ready for whoever pressed for it; a page that is loaded again does not.
const AGAIN_AFTER_MS = 500;
const AGAIN_AFTER_TROUBLE_MS = 3000;
const SAID = {
  ready: "It is ready.",
  stopped: "It was given up.",
  failed: "It could not be made. If that happens again, tell whoever runs this application: its log says why.",
  gone: "It is not being made just now: many others wait, or its room was needed. Ask for it again.",
};

const page = document.getElementById("paper");
const part = (name) => page.querySelector(`[data-${name}]`);

function words({ state, before, drawn, frames }) {
  if (state === "waiting") {
    return before > 0 ? `${before === 1 ? "One other paper is" : `${before} other papers are`} made before it.` : "It comes next.";
  }
  if (state === "making") {
    return drawn > 0 ? `${drawn} of about ${frames} frames are on paper.` : "Its pages are laid out.";
  }
  return SAID[state];
}

function show(standing) {
  const { state } = standing;
  const going = state === "waiting" || state === "making";
  const said = words(standing);
  if (part("said").textContent.trim() !== said) {
    part("said").textContent = said;
  }
  const progress = part("progress");
  progress.hidden = !going;
  progress.max = Math.max(1, standing.frames);
  if (standing.drawn > 0) {
    progress.value = Math.min(standing.drawn, standing.frames);
  } else {
    progress.removeAttribute("value");
  }
  part("take").hidden = state !== "ready";
  part("again").hidden = going || state === "ready";
  part("stop").hidden = !going;
  page.dataset.state = state;
  return going;
}

async function watch() {
  let going = true;
  while (going) {
    try {
      const response = await fetch(page.dataset.standing, { headers: { Accept: "application/json" } });
      if (!response.ok) {
        throw new Error(`status ${response.status}`);
      }
      const standing = await response.json();
      going = show(standing);
      if (standing.state === "ready" && location.search === "?take") {
        history.replaceState(null, "", location.pathname);
        part("said").textContent = "It is ready and goes to your downloads.";
        location.assign(page.dataset.made);
      }
      await new Promise((resolve) => setTimeout(resolve, AGAIN_AFTER_MS));
    } catch {
      part("said").textContent = "The application does not answer just now. It is asked again by itself.";
      await new Promise((resolve) => setTimeout(resolve, AGAIN_AFTER_TROUBLE_MS));
    }
  }
}

watch();
