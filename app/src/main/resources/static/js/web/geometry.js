// Places things along a line from their data: the content policy allows no style attributes in pages.

function place(element) {
  element.style.insetInlineStart = `${element.dataset.at}%`;
  if (element.dataset.width) {
    element.style.inlineSize = `${element.dataset.width}%`;
  }
}

export function connectGeometry(door, signal) {
  const placeAll = () => document.querySelectorAll("[data-at]").forEach(place);
  placeAll();
  door.addEventListener("shown", placeAll, { signal });
}
