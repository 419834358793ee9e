// The editor's page: remarks on uses are gathered and saved as a file, or sent where the page came from. It stands alone.
const FORMAT = "upshot-lane-hand-off";
const KEPT = `upshot-editor-${document.title}`;

function newId() {
  const bytes = crypto.getRandomValues(new Uint8Array(16));
  bytes[6] = (bytes[6] & 0x0f) | 0x40;
  bytes[8] = (bytes[8] & 0x3f) | 0x80;
  const hex = Array.from(bytes, (byte) => byte.toString(16).padStart(2, "0")).join("");
  return [hex.slice(0, 8), hex.slice(8, 12), hex.slice(12, 16), hex.slice(16, 20), hex.slice(20)].join("-");
}

function say(text) {
  document.querySelector("[data-said]").textContent = text;
}

/** What is typed is kept in this browser until it is sent, where the browser lets a page from a disk do so. */
function keep() {
  const typed = [...document.querySelectorAll("form[data-use]")].map((form) => [form.dataset.use, form.elements.kind.value, form.elements.remark.value]);
  try {
    localStorage.setItem(KEPT, JSON.stringify(typed));
  } catch {
    // Then it lives as long as the page.
  }
}

function bringBack() {
  let kept = [];
  try {
    kept = JSON.parse(localStorage.getItem(KEPT) ?? "[]");
  } catch {
    kept = [];
  }
  for (const [use, kind, remark] of kept) {
    const form = document.querySelector(`form[data-use="${CSS.escape(use)}"]`);
    if (form) {
      form.elements.kind.value = kind;
      form.elements.remark.value = remark;
    }
  }
}

/** A remark without a sort is of some other sort. */
function entries() {
  return [...document.querySelectorAll("form[data-use]")]
    .map((form) => ({ use: form.dataset.use, kind: form.elements.kind.value, remark: form.elements.remark.value.trim() }))
    .filter(({ kind, remark }) => kind !== "" || remark !== "")
    .map(({ use, kind, remark }) => ({ id: newId(), what: "REMARK", useId: use, words: kind || "OTHER", ...(remark ? { remark } : {}) }));
}

function save(file) {
  const link = document.createElement("a");
  link.href = URL.createObjectURL(new Blob([file], { type: "application/json" }));
  link.download = `${document.querySelector("h1").textContent}, remarks.json`;
  link.click();
  say("Saved. Send that file back; it is dropped on Hand-off.");
}

async function send(address, file) {
  const answer = await fetch(address, { method: "POST", headers: { "Content-Type": "application/json" }, body: file });
  if (!answer.ok) {
    const problem = await answer.json().catch(() => ({}));
    throw new Error(problem.message ?? "It could not be sent. What you wrote is still here.");
  }
  document.querySelectorAll("form[data-use]").forEach((form) => form.reset());
  keep();
  say("Sent. The planner sees it now.");
}

document.querySelector("[data-save]").addEventListener("click", async () => {
  const all = entries();
  if (all.length === 0) {
    say("There is no remark yet.");
    return;
  }
  const file = JSON.stringify({ format: FORMAT, version: 1, entries: all });
  const address = document.body.dataset.send;
  try {
    if (address) {
      await send(address, file);
    } else {
      save(file);
    }
  } catch (wrong) {
    say(wrong.message);
  }
});

document.addEventListener("input", keep);
document.addEventListener("submit", (event) => event.preventDefault());
bringBack();
