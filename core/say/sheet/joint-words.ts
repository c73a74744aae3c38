import type { HoleMaterial, Joint, LengthAdvice, Seat, Seating, Tap } from "../../decide/joints";
import type { HeadRoom, HoleChange } from "../../decide/specify";
import type { Thread } from "../../catalogue/threads";
import { withArticle } from "../common";
import { printCompared, printLength, printWindow, type Units } from "../../measure";
import { nominalLengthWords } from "./fastener-words";

export const HOLE_MATERIAL_WORDS: Readonly<Record<HoleMaterial, string>> = {
  steel: "mild steel",
  "cast-iron": "cast iron",
  "aluminium-cast": "cast aluminium",
  "aluminium-wrought": "wrought aluminium",
  magnesium: "magnesium",
  brass: "brass",
  plastic: "plastic",
};

export const TAP_WORDS: Readonly<Record<Tap, string>> = {
  taper: "taper tap",
  second: "second tap",
  bottoming: "bottoming tap",
};

export const SEAT_WORDS: Readonly<Record<Seat, string>> = {
  sound: "sound",
  "too-short": "too short",
  "too-long": "too long",
  "shank-fouls": "shank too long",
};

/** The thread engaged; where that is too little, against what is wanted. */
function engagedWords({ seat, engagedMm, wantedMm }: Seating, units: Units): string {
  if (seat !== "too-short") return `${printLength(engagedMm, units)} of thread engaged`;
  const [engaged, wanted] = printCompared(engagedMm, wantedMm, units);
  return `${engaged} of thread engaged, ${wanted} wanted`;
}

/** How a length lies in its joint, with the figures. */
export function seatingWords(seating: Seating, joint: Joint, thread: Thread, units: Units): string {
  const length = nominalLengthWords(seating.lengthMm, { thread });
  const engaged = engagedWords(seating, units);
  const margin = printLength(Math.abs(seating.marginMm), units, 1 + Number(units === "in") * 2);
  if (seating.seat === "shank-fouls") {
    return `${length}: its plain shank reaches past what is clamped, and it is not stocked threaded to the head. Add washers, or take another head.`;
  }
  if (joint.kind === "through") {
    const proud =
      seating.marginMm < 0 ? `${margin} short of the nut’s face` : `${margin} proud of the nut`;
    return `${length} is ${SEAT_WORDS[seating.seat]}: ${proud}.`;
  }
  if (joint.kind === "tapped") {
    const end =
      seating.marginMm < 0
        ? `ends ${margin} inside the hole`
        : `stands ${margin} out of the far side`;
    return `${length} is ${SEAT_WORDS[seating.seat]}: ${engaged}, ${end}.`;
  }
  if (seating.marginMm < 0) {
    return `${length} is too long: it bottoms ${margin} before the head is down.`;
  }
  if (seating.seat === "too-long") {
    const [clear, wanted] = printCompared(seating.marginMm, seating.clearMm, units);
    return `${length} is too long: ${clear} clear of the end of the thread, a pitch of ${wanted} wanted.`;
  }
  return `${length} is ${SEAT_WORDS[seating.seat]}: ${engaged}, ${margin} clear of the end of the thread.`;
}

/** Where calculation asks for a hair more than the rule of thumb, which stands. */
function hairWords(calculatedMm: number | undefined, units: Units): string {
  return calculatedMm === undefined
    ? ""
    : ` Calculation asks for ${printLength(calculatedMm, units)}; one diameter in steel is the rule of thumb, and stands.`;
}

/** Which length to take, or why none will do and what helps. */
export function lengthAdviceWords(
  advice: LengthAdvice,
  joint: Joint,
  thread: Thread,
  units: Units,
): string {
  const { window } = advice;
  if (advice.kind === "stock" || advice.kind === "shank-fouls")
    return `${seatingWords(advice.seating, joint, thread, units)}${hairWords(window.calculatedMm, units)}`;
  if (advice.kind === "hole-too-shallow") {
    const { wantedMm, availableMm = 0, usableMm = 0 } = window;
    const [wanted, usable] = printCompared(wantedMm, usableMm, units);
    const clear =
      usableMm < availableMm
        ? ` (${printLength(availableMm, units)} less a pitch kept clear of the end)`
        : "";
    return `The hole is too shallow: ${wanted} of full thread is wanted, ${usable} can be used${clear}. Drill or tap it deeper, finish with a bottoming tap, or fit a wire insert: no shorter screw holds.`;
  }
  const band = printWindow(window.leastMm, window.mostMm, units);
  const { longer, washersMm, cutToMm } = advice;
  if (longer === undefined || washersMm === undefined || cutToMm === undefined) {
    return `No stocked length reaches ${band}: order it to length, or use threaded rod.`;
  }
  const washers = printWindow(washersMm.leastMm, washersMm.mostMm, units);
  return `No stocked length lies within ${band}: put ${washers} of washers under ${withArticle(nominalLengthWords(longer.lengthMm, { thread }))} one, or cut it to ${printLength(cutToMm, units)}.`;
}

/** What is nearest to doing where no stocked length does, for under the thumb. */
export function nearestLengthWords(advice: LengthAdvice, thread: Thread, units: Units): string {
  return advice.kind === "between" && advice.longer !== undefined && advice.cutToMm !== undefined
    ? `No stocked length does. The nearest: ${withArticle(nominalLengthWords(advice.longer.lengthMm, { thread }))} one cut to ${printLength(advice.cutToMm, units)}.`
    : "No stocked screw does in this hole as it is.";
}

const ROOM_WORDS: Readonly<Record<HeadRoom, string>> = {
  spanner: "a hexagon head",
  key: "a cap head",
  flush: "a countersunk head",
};

/** What is done otherwise so that a stocked screw does: "with a flat washer, finished with a bottoming tap". */
export function holeChangeWords({ washer, tap, room }: HoleChange): string {
  return [
    ...(washer === undefined ? [] : [washer ? "with a flat washer" : "without the washer"]),
    ...(room === undefined ? [] : [`with ${ROOM_WORDS[room]}`]),
    ...(tap === undefined ? [] : [`finished with ${withArticle(TAP_WORDS[tap])}`]),
  ].join(", ");
}

const REACH_WORDS = {
  nut: "nut",
  "short-by": "short by",
  proud: "proud",
  engaged: "engaged",
  clear: "clear",
  "bottoms-by": "bottoms by",
} as const;

/** A reach of a joint cut open, short enough to stand beside it: "engaged 12.0 mm". */
export function jointReachWords(
  name: keyof typeof REACH_WORDS,
  lengthMm: number,
  units: Units,
): string {
  return `${REACH_WORDS[name]} ${printLength(lengthMm, units, units === "mm" ? 1 : 3)}`;
}
