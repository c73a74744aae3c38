import type { ReadingProblem, Suspect } from "../weigh";
import { printLength, printPlain, printRange, type Units } from "../../measure";
import { angleWords, leafWords, lowerFirst, pitchWords } from "../../say/common";
import type { SharedZero } from "./shared-zero";
import type { SlipKind } from "./slip-kinds";
import type { Slip } from "./slips";

const MATED_WORDS = {
  mates: "run up freely",
  binds: "started and then bound",
  loose: "gone on loose",
  "will-not-start": "not started",
} as const;

/** Which reading may be the wrong one, and what it would have to be for everything to fit. */
export function suspectWords(suspect: Suspect, units: Units): string {
  const fits = `everything fits ${suspect.thread.designation}`;
  const { reason, thread } = suspect;
  switch (reason.code) {
    case "leaf":
      return reason.outcome === "rocks"
        ? `If the ${leafWords(reason.leaf)} leaf really dropped in, ${fits}.`
        : `If the ${leafWords(reason.leaf)} leaf was really ${pitchWords(thread.pitchMm, thread.tpi === undefined ? "mm" : "in")}, ${fits}.`;
    case "count":
      return `If the count was really ${Math.round(reason.expectedThreads * 2) / 2}, ${fits}.`;
    case "crest-to-crest":
      return `If crest to crest was really ${printLength(reason.expectedMm, units)}, ${fits}.`;
    case "diameter-inside":
    case "diameter-under":
    case "diameter-over":
      return `If the diameter was really ${printRange(reason.minMm, reason.maxMm, units)}, ${fits}.`;
    case "flank-angle":
      return `If the flank angle was really ${angleWords(reason.threadDegrees)}, ${fits}.`;
    case "crest-form":
      return `If its crests were really ${reason.threadForm}, ${fits}.`;
    case "thread-depth":
      return `If its depth was really ${printLength(reason.expectedMm, units)}, ${fits}.`;
    case "taper":
      return `If it is really ${reason.threadTapered ? "tapered" : "parallel"}, ${fits}.`;
    case "diameter-between":
      return `If the gauge had shown a size within ${printRange(reason.minMm, reason.maxMm, units)}, ${fits}.`;
    case "bore-inside":
    case "bore-under":
    case "bore-over":
      return `If the bore was really ${printRange(reason.minMm, reason.maxMm, units)}, ${fits}.`;
    case "taper-measured":
      return `If it ${reason.threadTaper > 0 ? "tapered 1 in 16" : "was parallel"}, ${fits}.`;
    case "across-flats":
      return reason.nominalMm === undefined
        ? `Without it, ${fits}.`
        : `If its hexagon was really ${printLength(reason.nominalMm, units)} across the flats, ${fits}.`;
    case "trial-fit":
      return `If the ${reason.with.designation} part had ${MATED_WORDS[reason.expected]}, ${fits}.`;
    case "origin":
    case "function":
    case "hand":
    case "length":
    case "look":
    case "head-mark":
    case "held-askew":
    case "trial-unknown":
    case "internal-only":
    case "external-only":
    case "commonness":
      return `Without it, ${fits}.`;
  }
}

/** What went wrong with a reading, where it shows it: a sentence that follows on what it would have been. */
export function slipKindWords(kind: SlipKind, units: Units): string {
  switch (kind.code) {
    case "digits":
      return `Two figures changed round, or one misread: ${printLength(kind.mm, units)}?`;
    case "unit":
      return `In the other unit it is ${printLength(kind.mm, units)}.`;
    case "flats":
      return "That is across its flats: was it taken over the crests?";
    case "crests":
      return "That is over its crests: was it taken across the flats?";
    case "shank":
      return "That is its plain shank: was it taken over the crests?";
    case "zero":
      return `It is ${printLength(kind.byMm, units)} away: jaws that are not zeroed shift every size alike. Close them and look.`;
    case "next-leaf":
      return "That leaf is next to the right one, or the next but one.";
    case "fence-post":
      return "The crest that the count began on was counted as a thread.";
    case "one-pitch-more":
      return "It spans one pitch more than was said.";
  }
}

/** Of jaws that were out for every size taken with them. */
export function sharedZeroWords({ byMm, thread }: SharedZero, units: Units): string {
  const way = byMm > 0 ? "too much" : "too little";
  return `Every size here fits ${thread.designation} if the jaws read about ${printLength(Math.abs(byMm), units, units === "mm" ? 2 : 3)} ${way}: close them and look.`;
}

/** What may have gone wrong with a diameter that no thread shows, in one sentence. */
function slipWords(slip: Slip, units: Units): string {
  const name = slip.thread.designation;
  switch (slip.code) {
    case "unit":
      return `${printPlain(slip.figure)} ${slip.meant} would be ${name}: was the unit meant?`;
    case "across-flats":
      return `${printLength(slip.mm, units)} is across the flats of ${name}: was it taken over the crests?`;
    case "zero":
      return `${name} is ${printLength(slip.byMm, units)} away: were the jaws zeroed, and not askew?`;
  }
}

/** What may be behind a part that no thread held fits, and what it is if nothing is. */
export function notHeldWords(slips: readonly Slip[], units: Units): string {
  return slips.length === 0
    ? "A reading is off, or it is a thread not held here."
    : [
        ...slips.map((slip) => slipWords(slip, units)),
        "Otherwise it is a thread not held here.",
      ].join(" ");
}

/** What is said of a reading under suspicion, with the second suspect where there is one. */
export function suspicionWords(suspect: string, second: string | undefined): string {
  const or = second === undefined ? "" : ` Or: ${lowerFirst(second)}`;
  return `${suspect}${or} If both were right, this is a thread not held here.`;
}

/** What a figure was, had its unit been the other: "It was 0.5 in". */
export function unitSlipWords({ figure, meant }: Extract<Slip, { code: "unit" }>): string {
  return `It was ${printPlain(figure)} ${meant}`;
}

/** Why a reading was not weighed, with what would be. */
export function refusedReadingWords({ code, figure, least, most }: ReadingProblem): string {
  const accepted = `Accepted: ${printPlain(least, 2)} to ${printPlain(most, 2)}.`;
  return code === "reading-not-finite"
    ? `A reading without a figure was left out. ${accepted}`
    : `${printPlain(figure, 2)} was left out: no part for this bench has it. ${accepted}`;
}
