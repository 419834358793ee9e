// Puts pieces of HTML in place by id, changing as little of the page as it can.
import { Idiomorph } from "../vendor/idiomorph.js";

const KEPT_IN_PREVIEWS = ["data-before", "data-changes"];

function options(preview) {
  return {
    ignoreActiveValue: true,
    restoreFocus: true,
    callbacks: {
      // What somebody typed and the server refused stays until it is mended.
      beforeNodeMorphed: (old) => !(old instanceof Element && old.classList.contains("has-problem")),
      // An opened detail stays open; a preview changes what is seen, never what is believed to be saved.
      beforeAttributeUpdated: (name, node) =>
        !(name === "open" && node.localName === "details") && !(preview && KEPT_IN_PREVIEWS.includes(name)),
    },
  };
}

/** Replaces each piece on the page; a piece whose place is not on this page is left out. */
export function putInPlace(pieces, preview) {
  for (const piece of pieces) {
    const place = document.getElementById(piece.id);
    if (place) {
      Idiomorph.morph(place, piece.html.trim(), options(preview));
    }
  }
}
