import {
  foundAtOtherEnd,
  leafMark,
  type LeafOutcome,
  type MarkKind,
  type OriginPlace,
  type PartCondition,
  type PartFunction,
  type PartKind,
  type Reading,
  type ReadingOf,
  type Trade,
  type TrialOutcome,
} from "../../identify/weigh";
import { type Units, printPlain } from "../../measure";
import { saidSize, saidSpan } from "./said-words";
import { leafWords } from "./figures";
import { DRIVE_WORDS, FINISH_WORDS, HEAD_WORDS } from "./look-words";
import { angleWords } from "./thread-words";

/** A reading as its plate shows it: what was measured, the figure, and how. */
export interface ReadingWords {
  readonly label: string;
  /** As it was said, in the unit it was said in. */
  readonly figure: string;
  /** The same in the unit of the screen, where it was said in the other. */
  readonly inUnits?: string;
  readonly note: string;
}

export const LEAF_OUTCOME_WORDS: Readonly<Record<LeafOutcome, string>> = {
  "drops-in": "drops in",
  rocks: "rocks",
  unsure: "can't tell",
};

export const PLACE_WORDS: Readonly<Record<OriginPlace, string>> = {
  britain: "Britain",
  "north-america": "N. America",
  europe: "Europe",
  japan: "Japan",
  unknown: "not known",
};

/** What a part is off, as it is chosen. */
export const TRADE_WORDS: Readonly<Record<Trade, string>> = {
  machine: "a machine",
  vehicle: "a vehicle",
  instrument: "an instrument",
  pipework: "pipework",
};

export const FUNCTION_WORDS: Readonly<Record<PartFunction, string>> = {
  bolt: "bolt or screw",
  nut: "nut",
  "pipe-fitting": "pipe fitting",
  plug: "plug",
  "power-screw": "power screw",
  electrical: "electrical fitting",
  "cycle-part": "pedal or cycle part",
  "gas-valve": "gas bottle or regulator",
  "grinder-spindle": "grinder spindle",
};

export const TRIAL_WORDS: Readonly<Record<TrialOutcome, string>> = {
  "runs-freely": "runs freely",
  binds: "binds",
  loose: "goes, but loose",
  "will-not-start": "will not start",
};

export const MARK_KIND_WORDS: Readonly<Record<MarkKind, string>> = {
  "metric-class": "Numbers, as 8.8",
  stainless: "A2 or A4",
  lines: "Lines",
  letter: "A letter",
  "nut-marks": "Marks on a nut’s face",
  structural: "A325, A490",
  none: "No mark",
  maker: "Only a maker’s sign",
};

export const PART_KIND_WORDS: Readonly<Record<PartKind, string>> = {
  bolt: "Bolt or screw",
  stud: "Stud",
  nut: "Nut",
  "tapped-hole": "Tapped hole",
  "pipe-male": "Pipe, male",
  "pipe-female": "Pipe, female",
};

/** The same in one word, where there is room for no more. */
export const PART_KIND_SHORT: Readonly<Record<PartKind, string>> = {
  bolt: "Bolt",
  stud: "Stud",
  nut: "Nut",
  "tapped-hole": "Hole",
  "pipe-male": "Pipe",
  "pipe-female": "Pipe",
};

/** "lines:3" as "3 lines", "letter:R" as "letter R", "none" as "no mark"; others as they are. */
export function markWords(mark: string): string {
  const lines = /^lines:\s*(\d)$/i.exec(mark.trim());
  if (lines !== null) return `${lines[1]} lines`;
  const angle = /^nut-angle:\s*(\d+)$/i.exec(mark.trim());
  if (angle !== null) return `marks ${angle[1]}° apart`;
  if (/^nut-marks:\s*6$/i.test(mark.trim())) return "six marks round";
  const letter = /^letter:\s*(\w+)$/i.exec(mark.trim());
  if (letter !== null) return `letter ${letter[1]}`;
  return /^none$/i.test(mark.trim()) ? "no mark" : mark.trim();
}

const takenBy = (instrument: string, condition: PartCondition | undefined) =>
  condition === undefined ? instrument : `${instrument}, ${condition}`;

function leafNote(outcome: LeafOutcome, threadsEngaged: number | undefined): string {
  const over = threadsEngaged === undefined ? "" : ` over ${threadsEngaged}`;
  return `${LEAF_OUTCOME_WORDS[outcome]}${over}`;
}

const turnsWords = (turns: number) => `${printPlain(turns, 1)} ${turns === 1 ? "turn" : "turns"}`;

function trialNote(outcome: TrialOutcome, turns: number | undefined): string {
  if (outcome === "will-not-start") return TRIAL_WORDS[outcome];
  if (outcome === "binds") {
    return turns === undefined ? TRIAL_WORDS.binds : `binds after ${turnsWords(turns)}`;
  }
  return `${TRIAL_WORDS[outcome]} for ${turns === undefined ? "a few turns" : turnsWords(turns)}`;
}

/** Where it is from, with its age and what it is off; what it is off alone, where nothing else was said. */
function originReadingWords({ place, before, trade }: ReadingOf<"origin">): ReadingWords {
  const off = trade && TRADE_WORDS[trade];
  if (off && !place && !before) return { label: "off", figure: off, note: "" };
  const notes = [before && `before ${before}`, off && `off ${off}`];
  const figure = PLACE_WORDS[place ?? "unknown"];
  return { label: "from", figure, note: notes.filter(Boolean).join(", ") };
}

/** The other end of a stud: its thread once that is settled. */
function otherEndWords(end: ReadingOf<"other-end">): ReadingWords {
  const { verdict, candidates, hand } = foundAtOtherEnd(end);
  const named = candidates[0]?.designation ?? "";
  const settled = verdict === "settled" ? `${named}${hand === "left" ? " LH" : ""}` : "not settled";
  const taken = end.readings.length;
  const note = `${taken} ${taken === 1 ? "reading" : "readings"}`;
  return { label: "other end", figure: taken === 0 ? "not read" : settled, note };
}

/** The words on a reading's plate: a length as it was said, else in the units asked for. */
export function readingWords(reading: Reading, units: Units): ReadingWords {
  switch (reading.kind) {
    case "external-diameter":
      return {
        label: "Ø",
        ...saidSize(reading, units),
        note: takenBy(reading.instrument ?? "caliper", reading.condition),
      };
    case "diameter-between":
      return {
        label: "Ø",
        ...saidSize(reading, units),
        note: takenBy("hole gauge", reading.condition),
      };
    case "internal-diameter":
      return {
        label: "bore",
        ...saidSize(reading, units),
        note: takenBy(reading.instrument ?? "caliper", reading.condition),
      };
    case "taper-measured":
      return {
        label: "taper",
        ...saidSize(reading, units),
        note: `${saidSpan(reading, units)} apart`,
      };
    case "hand":
      return { label: "hand", figure: reading.hand, note: "" };
    case "head-mark":
      return { label: "mark", figure: markWords(reading.mark), note: "" };
    case "trial-fit":
      return {
        label: reading.partIs === "external" ? "nut" : "bolt",
        figure: reading.with,
        note: trialNote(reading.outcome, reading.turns),
      };
    case "across-flats":
      return { label: "flats", ...saidSize(reading, units), note: "" };
    case "length":
      return { label: "length", ...saidSize(reading, units), note: "" };
    case "thread-length":
      return { label: "threaded", ...saidSize(reading, units), note: "this end" };
    case "other-end":
      return otherEndWords(reading);
    case "head-style":
      return {
        label: "head",
        figure: HEAD_WORDS[reading.head],
        note: reading.drive === undefined ? "" : DRIVE_WORDS[reading.drive],
      };
    case "finish":
      return { label: "finish", figure: FINISH_WORDS[reading.finish], note: "" };
    case "magnet":
      return { label: "magnet", figure: reading.sticks ? "sticks" : "does not stick", note: "" };
    case "leaf":
      return {
        label: "leaf",
        figure: leafWords(leafMark(reading)),
        note: leafNote(reading.outcome, reading.threadsEngaged),
      };
    case "count":
      return {
        label: "count",
        figure: printPlain(reading.threads, 1),
        note: `in ${saidSpan(reading, units)}`,
      };
    case "crest-to-crest":
      return {
        label: "crests",
        ...saidSize(reading, units),
        note: `over ${reading.pitches} ${reading.pitches === 1 ? "pitch" : "pitches"}`,
      };
    case "flank-angle":
      return {
        label: "flanks",
        figure: angleWords(reading.degrees),
        note: reading.sure === false ? "by a look" : "gauged",
      };
    case "crest-form":
      return { label: "crests", figure: reading.form, note: "under a glass" };
    case "thread-depth":
      return { label: "depth", ...saidSize(reading, units), note: "by the blade" };
    case "taper":
      return { label: "taper", figure: reading.tapered ? "tapered" : "parallel", note: "" };
    case "origin":
      return originReadingWords(reading);
    case "function":
      return { label: "it is", figure: FUNCTION_WORDS[reading.what], note: "" };
  }
}
