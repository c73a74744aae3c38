import type { Candidate, ReasonFigures } from "../identify";
import { printFigure, printLength, printPlain, printRange, type Units } from "../units";
import { leafWords, pitchWords } from "./figures";
import { FUNCTION_WORDS, PLACE_WORDS } from "./reading-words";
import { FAMILY_WORDS, angleWords } from "./thread-words";

type Of<Code extends ReasonFigures["code"]> = Extract<ReasonFigures, { code: Code }>;

const COMMONNESS_WORDS = {
  common: "A common thread.",
  uncommon: "Less common than its neighbours.",
  rare: "Rare: an old or special thread, or outside the preferred sizes.",
} as const;

/** A class as it follows "the smallest" and "the largest"; the names that are only ours say nothing. */
function classWords(toleranceClass: string): string {
  if (/^\d/.test(toleranceClass)) return ` ${toleranceClass}`;
  if (toleranceClass === "A") return " class A";
  return toleranceClass === "medium" ? " of the medium class" : "";
}

function outsideWords(reason: Of<"diameter-under" | "diameter-over">, units: Units): string {
  const side = reason.code === "diameter-under" ? "under the smallest" : "over the largest";
  const measured = `${printLength(reason.mm, units)} is ${printFigure(reason.byMm, units)} ${side}`;
  const toleranceClass = classWords(reason.toleranceClass);
  if (reason.agreement === "agrees") {
    return `${measured}${toleranceClass}, no more than a reading may be out.`;
  }
  const why = reason.code === "diameter-under" ? "worn" : "plated or painted";
  return reason.agreement === "strained"
    ? `${measured}${toleranceClass}: ${why}, or not this thread.`
    : `${measured}${toleranceClass}.`;
}

function leafReasonWords(reason: Of<"leaf">, units: Units): string {
  const leaf = `The ${leafWords(reason.leaf)} leaf`;
  const drift = `${printLength(reason.endErrorMm, units)} out at the ends over ${reason.threadsEngaged} threads`;
  const own = reason.endErrorMm < 0.0005;
  const against = reason.agreement === "at-odds";
  switch (reason.outcome) {
    case "drops-in":
      if (own) return `${leaf} drops in, and it is this pitch.`;
      return against
        ? `${leaf} should rock on ${pitchWords(reason.threadPitchMm, units)}: ${drift}.`
        : `${leaf} may seem to drop in: only ${drift}.`;
    case "rocks":
      if (own) return `${leaf} rocks, but it is this very pitch.`;
      return against
        ? `${leaf} rocks, but would seem to fit: only ${drift}.`
        : `${leaf} rocks, as it should: ${drift}.`;
    case "unsure":
      return `${leaf} could not be told: ${own ? "it is this pitch" : drift}.`;
  }
}

function angleReasonWords({
  degrees,
  threadDegrees,
  finePitch,
  agreement,
}: Of<"flank-angle">): string {
  const own = angleWords(threadDegrees);
  if (degrees === threadDegrees) return `The flank angle is ${own}, as it was read.`;
  const read = `Its flank angle is ${own}, and ${angleWords(degrees)} was read`;
  if (agreement === "at-odds") return `${read}.`;
  return finePitch
    ? `${read}; on so fine a pitch the two are hard to tell.`
    : `${read}; the two are near.`;
}

function taperReasonWords({ tapered, threadTapered }: Of<"taper">): string {
  const own = threadTapered ? "tapered" : "parallel";
  return tapered === threadTapered
    ? `It is ${own}, as was seen.`
    : `It is ${own}, and ${tapered ? "a taper" : "no taper"} was seen.`;
}

function originWords({ family, place, before, agreement }: Of<"origin">): string {
  const where = place === "unknown" ? "a machine" : `a machine from ${PLACE_WORDS[place]}`;
  const age = before === undefined ? "" : ` older than ${before}`;
  const often = agreement === "agrees" ? "are met" : "are seldom met";
  return `${FAMILY_WORDS[family]} threads ${often} on ${where}${age}.`;
}

/** One sentence, with its figures, on how a reading stands to a thread. */
export function reasonWords(reason: ReasonFigures, units: Units): string {
  switch (reason.code) {
    case "diameter-inside":
      return `${printLength(reason.mm, units)} is inside ${printRange(reason.minMm, reason.maxMm, units)}.`;
    case "diameter-under":
    case "diameter-over":
      return outsideWords(reason, units);
    case "leaf":
      return leafReasonWords(reason, units);
    case "count":
      return `${printPlain(reason.threads, 1)} threads counted in ${printLength(reason.spanMm, units)}; this one shows ${printPlain(reason.expectedThreads, 1)}.`;
    case "crest-to-crest":
      return `${reason.pitches} ${reason.pitches === 1 ? "pitch measures" : "pitches measure"} ${printLength(reason.mm, units)}; this one gives ${printFigure(reason.expectedMm, units)}.`;
    case "flank-angle":
      return angleReasonWords(reason);
    case "taper":
      return taperReasonWords(reason);
    case "origin":
      return originWords(reason);
    case "function":
      return reason.agreement === "agrees"
        ? `${FAMILY_WORDS[reason.family]} threads are met on a ${FUNCTION_WORDS[reason.what]}.`
        : `${FAMILY_WORDS[reason.family]} threads are seldom met on a ${FUNCTION_WORDS[reason.what]}.`;
    case "internal-only":
      return "It is only made as an internal thread, so it has no crests to measure outside.";
    case "commonness":
      return COMMONNESS_WORDS[reason.common];
  }
}

/** All the reasons from readings, as one line. */
export function allReasonsWords(candidate: Candidate, units: Units): string {
  return candidate.reasons
    .filter(({ reading }) => reading !== undefined)
    .map((reason) => reasonWords(reason, units))
    .join(" ");
}
