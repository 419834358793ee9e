// The script of a shot's own page: the dial, and the reference still.
import { door, signal } from "../web/stage.js";
import { connectDial } from "./dial.js";
import { connectStill } from "./still.js";

connectDial(signal);
connectStill(door, signal);
