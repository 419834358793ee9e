// The Brief's own script: the line that is understood while it is typed, lists that are taken in, order by hand, the clock of a place.
import { door, signal } from "../web/stage.js";
import { connectDragging } from "./dragging.js";
import { connectLine } from "./line.js";
import { connectTakingIn } from "./taking-in.js";
import { connectTapping } from "./tapping.js";
import { connectZone } from "./zone.js";

connectLine(door, signal);
connectTakingIn(door, signal);
connectTapping(door, signal);
connectDragging(door, signal);
connectZone(signal);
