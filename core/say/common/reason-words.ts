import { isOfNoWeight, type Candidate, type ReasonFigures } from "../../identify/weigh";
import { printFigure, printLength, printPlain, printRange, type Units } from "../../measure";
import { upperFirst } from "./letter-case";
import { leafWords, pitchWords, taperFigure, turnsWords } from "./figures";
import { FUNCTION_WORDS, PLACE_WORDS, TRADE_WORDS, markWords } from "./reading-words";
import { withArticle } from "./article";
import { aThread } from "./test-words";
import { FAMILY_SPOKEN, angleWords } from "./thread-words";

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

function boreWords(reason: Of<"bore-under" | "bore-over">, units: Units): string {
  const side = reason.code === "bore-under" ? "under the smallest" : "over the largest";
  const measured = `${printLength(reason.mm, units)} is ${printFigure(reason.byMm, units)} ${side}${classWords(reason.toleranceClass)} bore`;
  if (reason.agreement === "agrees") return `${measured}, no more than a reading may be out.`;
  if (reason.agreement === "at-odds") return `${measured}.`;
  return reason.code === "bore-under"
    ? `${measured}: the jaws were not across the widest, or not this thread.`
    : `${measured}: worn, or not this thread.`;
}

function betweenWords(reason: Of<"diameter-between">, units: Units): string {
  const gauge = `Between ${printRange(reason.overMm, reason.notOverMm, units)} by the gauge`;
  const own = printRange(reason.minMm, reason.maxMm, units);
  return reason.agreement === "agrees"
    ? `${gauge}; this one is ${own}.`
    : `${gauge}, and this one is ${own}.`;
}

function taperMeasuredWords({ taper, threadTaper, agreement }: Of<"taper-measured">): string {
  const read = taperFigure(taper) ?? "no taper";
  const own = threadTaper === 0 ? "parallel" : `tapered 1 in ${printPlain(1 / threadTaper, 0)}`;
  return agreement === "agrees"
    ? `It is ${own}, and ${read} was measured.`
    : `It is ${own}, but ${read} was measured.`;
}

function markReasonWords({ mark, markKind, family, agreement }: Of<"head-mark">): string {
  if (markKind === "maker")
    return `“${mark.trim()}” is a maker’s sign: it says nothing of the thread.`;
  const often = agreement === "agrees" ? "are met" : "are seldom met";
  return `${FAMILY_SPOKEN[family]} parts ${often} with ${markWords(mark)}.`;
}

function flatsReasonWords(
  { mm, nominalMm, near, cornersOfMm }: Of<"across-flats">,
  units: Units,
): string {
  const read = printLength(mm, units);
  if (nominalMm === undefined) return `No hexagon is laid down for it; ${read} says nothing.`;
  const own = printLength(nominalMm, units);
  if (cornersOfMm !== undefined) {
    return `${read} is its hexagon of ${printLength(cornersOfMm, units)} over the corners: take it across two flats.`;
  }
  return near
    ? `${read} across the flats is its hexagon of ${own}.`
    : `Its hexagon is ${own} across the flats, not ${read}.`;
}

const EXPECTED_WORDS = {
  mates: "should run freely",
  binds: "should bind",
  loose: "should go on loose",
  "will-not-start": "should not start",
} as const;

function trialReasonWords(reason: Of<"trial-fit">): string {
  const { outcome, expected, expectedTurns, ranTurns, agreement } = reason;
  const part = `${upperFirst(aThread(reason.with))} ${reason.partIs === "external" ? "nut" : "bolt"}`;
  const did = TRIAL_DID_WORDS[outcome];
  const ran = Number.isFinite(ranTurns) ? ` for ${printPlain(ranTurns, 1)} turns` : "";
  // A part that runs and is no mate of this thread proves little, and is never one to put in.
  if (agreement === "agrees" && expected === "mates" && !reason.sound) {
    return `${part} is not its own but turns in it by hand, and holds about ${Math.round(reason.strength * 100)} %; ${did}${ran}.`;
  }
  if (agreement === "agrees" && expected === "binds" && outcome === "runs-freely") {
    return `${part} should bind ${turnsWords(expectedTurns ?? 0)}; ${did}${ran}, which is not far enough to tell.`;
  }
  const turns = expected === "binds" ? ` ${turnsWords(expectedTurns ?? 0)}` : "";
  const joint = reason.cause === "taper-joint" ? "should jam by hand" : undefined;
  const says = `${joint ?? EXPECTED_WORDS[expected]}${turns}`;
  return `${part} ${says}, ${agreement === "agrees" ? "and" : "but"} ${did}${ran}.`;
}

const TRIAL_DID_WORDS = {
  "runs-freely": "it ran freely",
  binds: "it bound",
  loose: "it went on loose",
  "will-not-start": "it would not start",
} as const;

/** The thread's own pitch in its own system, whatever the screen's: a leaf is stamped so. */
function ownPitchWords({ threadPitchMm, threadTpi }: Of<"leaf">): string {
  return pitchWords(threadPitchMm, threadTpi === undefined ? "mm" : "in");
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
        ? `${leaf} should rock on ${ownPitchWords(reason)}: ${drift}.`
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

function crestFormWords({ form, threadForm, agreement }: Of<"crest-form">): string {
  if (form === threadForm) return `Its crests are ${threadForm}, as they were seen.`;
  const seen = `Its crests are ${threadForm}, and ${form} ones were seen`;
  return agreement === "at-odds" ? `${seen}.` : `${seen}; wear and dies blur the two.`;
}

function depthReasonWords(
  { mm, expectedMm, inV, agreement }: Of<"thread-depth">,
  units: Units,
): string {
  const read = printLength(mm, units);
  const own = printLength(expectedMm, units);
  if (inV) return `It is ${own} deep; in a V a blade that stops at ${read} says little.`;
  return agreement === "agrees"
    ? `${read} is its depth of thread, ${own}.`
    : `It is ${own} deep, and ${read} was measured.`;
}

function taperReasonWords({ tapered, threadTapered }: Of<"taper">): string {
  const own = threadTapered ? "tapered" : "parallel";
  return tapered === threadTapered
    ? `It is ${own}, as was seen.`
    : `It is ${own}, and ${tapered ? "a taper" : "no taper"} was seen.`;
}

function originWords({ family, place, before, trade, agreement }: Of<"origin">): string {
  const off = TRADE_WORDS[trade ?? "machine"];
  const where = place === "unknown" ? off : `${off} from ${PLACE_WORDS[place]}`;
  const age = before === undefined ? "" : ` older than ${before}`;
  const often = agreement === "agrees" ? "are met" : "are seldom met";
  return `${FAMILY_SPOKEN[family]} threads ${often} on ${where}${age}.`;
}

/** One sentence, with its figures, on how a reading stands to a thread. */
export function reasonWords(reason: ReasonFigures, units: Units): string {
  switch (reason.code) {
    case "diameter-inside":
      return `${printLength(reason.mm, units)} is inside ${printRange(reason.minMm, reason.maxMm, units)}.`;
    case "diameter-under":
    case "diameter-over":
      return outsideWords(reason, units);
    case "held-askew":
      return `${printLength(reason.mm, units)} was held askew: ${printLength(reason.widestMm, units)} is wider, and counts.`;
    case "diameter-between":
      return betweenWords(reason, units);
    case "bore-inside":
      return `${printLength(reason.mm, units)} is inside its bore, ${printRange(reason.minMm, reason.maxMm, units)}.`;
    case "bore-under":
    case "bore-over":
      return boreWords(reason, units);
    case "external-only":
      return "It is only made as an external thread, so it has no bore to measure.";
    case "taper-measured":
      return taperMeasuredWords(reason);
    case "hand":
      return `It is ${reason.hand}-hand; any thread may be.`;
    case "length":
      return `${printLength(reason.mm, units)} long; that says nothing of the thread.`;
    case "look":
      return "It says nothing of the thread.";
    case "head-mark":
      return markReasonWords(reason);
    case "across-flats":
      return flatsReasonWords(reason, units);
    case "trial-fit":
      return trialReasonWords(reason);
    case "trial-unknown":
      return `“${reason.with}” is no thread held here, so the trial says nothing.`;
    case "leaf":
      return leafReasonWords(reason, units);
    case "count":
      return `${printPlain(reason.threads, 1)} threads counted in ${printLength(reason.spanMm, units)}; this one shows ${printPlain(reason.expectedThreads, 1)}.`;
    case "crest-to-crest":
      return `${reason.pitches} ${reason.pitches === 1 ? "pitch measures" : "pitches measure"} ${printLength(reason.mm, units)}; this one gives ${printFigure(reason.expectedMm, units)}.`;
    case "flank-angle":
      return angleReasonWords(reason);
    case "crest-form":
      return crestFormWords(reason);
    case "thread-depth":
      return depthReasonWords(reason, units);
    case "taper":
      return taperReasonWords(reason);
    case "origin":
      return originWords(reason);
    case "function":
      return reason.agreement === "agrees"
        ? `${FAMILY_SPOKEN[reason.family]} threads are met on ${withArticle(FUNCTION_WORDS[reason.what])}.`
        : `${FAMILY_SPOKEN[reason.family]} threads are seldom met on ${withArticle(FUNCTION_WORDS[reason.what])}.`;
    case "internal-only":
      return "It is only made as an internal thread, so it has no crests to measure outside.";
    case "commonness":
      return COMMONNESS_WORDS[reason.common];
  }
}

/** All the reasons from readings that bear on the thread, as one line. */
export function allReasonsWords(candidate: Candidate, units: Units): string {
  return candidate.reasons
    .filter((reason) => reason.reading !== undefined && !isOfNoWeight(reason))
    .map((reason) => reasonWords(reason, units))
    .join(" ");
}
