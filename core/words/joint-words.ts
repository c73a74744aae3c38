import type { HoleMaterial, Joint, LengthAdvice, Seat, Seating, Tap } from "../joints";
import type { Thread } from "../threads";
import { printLength, type Units } from "../units";
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

/** How a length lies in its joint, with the figures. */
export function seatingWords(seating: Seating, joint: Joint, thread: Thread, units: Units): string {
  const length = nominalLengthWords(seating.lengthMm, { thread });
  const engaged = printLength(seating.engagedMm, units, 1 + Number(units === "in") * 2);
  const margin = printLength(Math.abs(seating.marginMm), units, 1 + Number(units === "in") * 2);
  if (seating.seat === "shank-fouls") {
    return `${length}: its plain shank reaches past what is clamped. Take one threaded to the head, or add washers.`;
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
    return `${length} is ${SEAT_WORDS[seating.seat]}: ${engaged} of thread engaged, ${end}.`;
  }
  return seating.marginMm < 0
    ? `${length} is too long: it bottoms ${margin} before the head is down.`
    : `${length} is ${SEAT_WORDS[seating.seat]}: ${engaged} of thread engaged, ${margin} clear of the end of the thread.`;
}

/** Which length to take, or why none will do and what helps. */
export function lengthAdviceWords(
  advice: LengthAdvice,
  joint: Joint,
  thread: Thread,
  units: Units,
): string {
  const { window } = advice;
  if (advice.kind === "stock") return seatingWords(advice.seating, joint, thread, units);
  if (advice.kind === "hole-too-shallow") {
    return `The hole is too shallow: ${printLength(window.wantedMm, units)} of full thread is wanted, ${printLength(window.availableMm ?? 0, units)} is there. Drill or tap it deeper, finish with a bottoming tap, or fit a wire insert: no shorter screw holds.`;
  }
  const band = `${printLength(window.leastMm, units)} to ${printLength(window.mostMm, units)}`;
  const { longer, washerMm, cutToMm } = advice;
  if (longer === undefined || washerMm === undefined || cutToMm === undefined) {
    return `No stocked length reaches ${band}: order it to length, or use threaded rod.`;
  }
  return `No stocked length lies within ${band}: put ${printLength(washerMm, units)} or more of washers under a ${nominalLengthWords(longer.lengthMm, { thread })} one, or cut it to ${printLength(cutToMm, units)}.`;
}
