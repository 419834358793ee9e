// Looks whether the encrypted door opens without a warning, now and whenever the page is looked at again.

const place = document.querySelector("[data-trust]");

function show(trusted) {
  place.querySelectorAll("[data-trusted]").forEach((line) => {
    line.hidden = line.dataset.trusted !== trusted;
  });
}

async function look() {
  try {
    await fetch(`${place.dataset.trust}/trust/ok`, { mode: "no-cors", cache: "no-store" });
    show("yes");
  } catch {
    show("no");
  }
}

document.addEventListener("visibilitychange", () => !document.hidden && look());
look();
