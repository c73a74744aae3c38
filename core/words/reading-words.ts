import {
  leafMark,
  type LeafOutcome,
  type OriginPlace,
  type PartFunction,
  type Reading,
} from "../identify";
import { printLength, printPlain, type Units } from "../units";
import { leafWords } from "./figures";
import { angleWords } from "./thread-words";

/** A reading as its plate shows it: what was measured, the figure, and how. */
export interface ReadingWords {
  readonly label: string;
  readonly figure: string;
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

export const FUNCTION_WORDS: Readonly<Record<PartFunction, string>> = {
  bolt: "bolt or screw",
  nut: "nut",
  "pipe-fitting": "pipe fitting",
  plug: "plug",
  "power-screw": "power screw",
  electrical: "electrical fitting",
};

const CONDITION_WORDS = { sound: "sound", worn: "worn", plated: "plated" } as const;

/** The words on a reading's plate, in the units asked for. */
export function readingWords(reading: Reading, units: Units): ReadingWords {
  switch (reading.kind) {
    case "external-diameter": {
      const condition = reading.condition === undefined ? [] : [CONDITION_WORDS[reading.condition]];
      return {
        label: "Ø",
        figure: printLength(reading.mm, units),
        note: [reading.instrument ?? "caliper", ...condition].join(", "),
      };
    }
    case "leaf":
      return {
        label: "leaf",
        figure: leafWords(leafMark(reading)),
        note: LEAF_OUTCOME_WORDS[reading.outcome],
      };
    case "count":
      return {
        label: "count",
        figure: printPlain(reading.threads, 1),
        note: `in ${printLength(reading.spanMm, units)}`,
      };
    case "crest-to-crest":
      return {
        label: "crests",
        figure: printLength(reading.mm, units),
        note: `over ${reading.pitches} ${reading.pitches === 1 ? "pitch" : "pitches"}`,
      };
    case "flank-angle":
      return {
        label: "flanks",
        figure: angleWords(reading.degrees),
        note: reading.sure === false ? "by a look" : "gauged",
      };
    case "taper":
      return { label: "form", figure: reading.tapered ? "tapered" : "parallel", note: "" };
    case "origin":
      return {
        label: "from",
        figure: PLACE_WORDS[reading.place ?? "unknown"],
        note: reading.before === undefined ? "" : `before ${reading.before}`,
      };
    case "function":
      return { label: "it is", figure: FUNCTION_WORDS[reading.what], note: "" };
  }
}
