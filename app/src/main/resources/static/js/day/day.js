// The Day's own script: the search, what-ifs, and setups moved by pointer, touch or keys.
import { door, signal } from "../web/stage.js";
import { connectMoving } from "./moving.js";
import { connectSearch } from "./search.js";
import { connectWhatIf } from "./what-if.js";

document.addEventListener("click", (event) => event.target.closest?.("dialog [data-close]")?.closest("dialog").close(), { signal });
connectSearch(door, signal);
connectWhatIf(door, signal);
connectMoving(door, signal);
