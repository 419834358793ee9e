// What a camera that rolls shows and lets be heard: settling, clean seconds, enough, the tail.
import { minutes } from "./clock.js";

const COUNTED_S = 3;

/** Where a take stands at a time; seconds. `shot` is none for something that nobody planned. */
export function standing(take, shot, nowMs) {
  const rolledS = Math.max(0, nowMs - take.fromMs) / 1000;
  const settlingS = Math.max(0, take.cleanFromMs - nowMs) / 1000;
  const cleanS = Math.max(0, nowMs - take.cleanFromMs) / 1000;
  if (!shot) {
    return { rolledS, share: 0, figure: minutes(rolledS), under: "rolling", hint: "", leftS: Infinity, tailS: Infinity };
  }
  const leftS = shot.cleanS - cleanS;
  const tailS = leftS + shot.tailS;
  return {
    rolledS,
    leftS: settlingS > 0 ? Infinity : leftS,
    tailS: settlingS > 0 ? Infinity : tailS,
    share: settlingS > 0 ? 0 : cleanS / shot.cleanS,
    figure: minutes(cleanS),
    under: settlingS > 0 ? "settling" : `clean, of ${Math.round(shot.cleanS)}`,
    hint: hint({ take, shot, settlingS, leftS, tailS }),
  };
}

function hint({ take, shot, settlingS, leftS, tailS }) {
  if (settlingS > 0) {
    return `Settling, ${Math.ceil(settlingS)} s`;
  }
  if (leftS > 0) {
    const banked = take.parts.at(-1).cleanS >= shot.enoughS ? "There is enough for the cut. " : "";
    return `${banked}${Math.ceil(leftS)} s more`;
  }
  return tailS > 0 ? `Enough. ${Math.ceil(tailS)} s of tail` : "Enough. Stop when you like";
}

/** Which signals are due between two looks at the same take. */
export function due(before, now) {
  const passed = (name, at) => before[name] > at && now[name] <= at;
  const counts = [...Array(COUNTED_S).keys()].filter((second) => passed("leftS", second + 1));
  if (passed("tailS", 0)) {
    return "stop";
  }
  if (passed("leftS", 0)) {
    return "enough";
  }
  return counts.length > 0 ? "count" : null;
}
