// Puts pieces of HTML in place by id, changing as little of the page as it can.
import { Idiomorph } from "../vendor/idiomorph.js";

const BELIEVED = ["data-before", "data-press"];

/** Whether what the page believes to be saved stays: in a preview everywhere, in news where somebody is typing. */
function keeps(manner, node) {
  return manner === "preview" || (manner === "news" && node === document.activeElement);
}

/** Whether a frame was filled with the very drawing that the new one waits for. */
function drawnAlready(old, now) {
  return old.dataset?.late !== undefined && old.dataset.late === now?.dataset?.late && old.childElementCount > 0;
}

/** What is new and open is seen: whatever folds it away unfolds. */
function unfold(added) {
  if (added instanceof Element && (added.matches("details[open]") || added.querySelector("details[open]"))) {
    for (let round = added.parentElement?.closest("details"); round; round = round.parentElement?.closest("details")) {
      round.open = true;
    }
  }
}

function options(manner) {
  return {
    // The library leaves the focused element's content alone too, which is right for what is typed into only.
    ignoreActiveValue: document.activeElement?.matches("input, textarea, select") ?? false,
    restoreFocus: true,
    callbacks: {
      // What somebody typed stays until its turn has come, and where the server refused it, until it is mended.
      beforeNodeMorphed: (old, now) =>
        !(old instanceof Element && (old.classList.contains("has-problem") || old.dataset?.pending || drawnAlready(old, now))),
      // An opened detail stays open; what was typed meanwhile is still held against what it was typed for.
      beforeAttributeUpdated: (name, node) =>
        !(name === "open" && node.localName === "details") && !(BELIEVED.includes(name) && keeps(manner, node)),
      afterNodeAdded: unfold,
    },
  };
}

/**
 * Replaces each piece on the page; a piece whose place is not on this page is left out.
 *
 * @param manner answer to an edit, preview of one, or news of what others did
 */
export function putInPlace(pieces, manner) {
  for (const piece of pieces) {
    const place = document.getElementById(piece.id);
    if (place) {
      Idiomorph.morph(place, piece.html.trim(), options(manner));
    }
  }
}
