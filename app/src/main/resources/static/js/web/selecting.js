// Links that select something on the page work without loading it again; opened in a new tab they are plain links.

export function connectSelecting(door, signal) {
  document.addEventListener(
    "click",
    (event) => {
      const link = event.target.closest?.("a[data-select]");
      const plain = event.button === 0 && !event.metaKey && !event.ctrlKey && !event.shiftKey && !event.altKey;
      if (link && plain) {
        event.preventDefault();
        door.select(Object.fromEntries(new URL(link.href).searchParams));
      }
    },
    { signal },
  );
}
