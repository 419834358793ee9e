// Links and buttons that select something on the page work without loading it again; a link in a new tab is a plain one.

function asked(control) {
  return control.localName === "a" ? new URL(control.getAttribute("href"), location.href).searchParams : new URLSearchParams(control.dataset.select);
}

export function connectSelecting(door, signal) {
  document.addEventListener(
    "click",
    (event) => {
      const control = event.target.closest?.("[data-select]");
      const plain = event.button === 0 && !event.metaKey && !event.ctrlKey && !event.shiftKey && !event.altKey;
      if (control && plain) {
        event.preventDefault();
        door.select(Object.fromEntries(asked(control)));
      }
    },
    { signal },
  );
}
