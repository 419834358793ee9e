// Puts pieces of HTML in place by id, changing as little of the page as it can.
import { Idiomorph } from "../vendor/idiomorph.js";

const OPTIONS = {
  ignoreActiveValue: true,
  restoreFocus: true,
  callbacks: {
    // What somebody typed and the server refused stays until it is mended; an opened detail stays open.
    beforeNodeMorphed: (old) => !(old instanceof Element && old.classList.contains("has-problem")),
    beforeAttributeUpdated: (name, node) => !(name === "open" && node.localName === "details"),
  },
};

/** Replaces each piece on the page; a piece whose place is not on this page is left out. */
export function putInPlace(pieces) {
  for (const piece of pieces) {
    const place = document.getElementById(piece.id);
    if (place) {
      Idiomorph.morph(place, piece.html.trim(), OPTIONS);
    }
  }
}
