import { readLength, roundTo, type Mm, type Units } from "../units";
import type { CalloutProblem, FastenerSpec, PinSpec } from "./fastener-spec";
import { PIN_PHRASES, PLUG_PHRASES } from "./phrases";
import {
  FILLERS,
  contradicting,
  definedAs,
  finished,
  partOfThread,
  takeMade,
  type Pieces,
} from "./pieces";

/** Fits that pins are ground to: "m6", "h8". */
const FIT = /(?<![\w/])[mh][5-9]1?(?![\w/])/i;
const SIZE_WORDS = /^(?:x|mm|in|inch|inches|l|mmx|inx)$/i;
const PIN_SIZES = { minMm: 0.5, maxMm: 1000 };

interface PinSize {
  readonly diameterMm: Mm;
  readonly lengthMm?: Mm;
  readonly units: Units;
}

function pinSize(text: string): PinSize | undefined {
  const units: Units = /\/|"|in\b/i.test(text) ? "in" : "mm";
  const parts = text.split(/ ?x ?/i);
  const read = parts.map((part) => readLength(part, units, PIN_SIZES));
  const [diameterMm, lengthMm] = read.map((one) => (one.ok ? roundTo(one.mm, 6) : undefined));
  if (diameterMm === undefined || parts.length > 2) return undefined;
  if (parts.length === 2 && lengthMm === undefined) return undefined;
  return { diameterMm, units, ...(lengthMm === undefined ? {} : { lengthMm }) };
}

/** Reads a pin: its kind, diameter and length. */
export function readPin(pieces: Pieces): FastenerSpec | CalloutProblem {
  const { remaining, read, quantity } = pieces;
  const said = remaining.takePhrase(PIN_PHRASES) ?? "dowel";
  // "Dowel" is also what a bare "pin" is read as.
  const style = said === "dowel" ? (definedAs(pieces, "pin")?.style ?? said) : said;
  const made = takeMade(pieces);
  remaining.take(FIT);
  remaining.takeAll(FILLERS);
  const unknown = remaining.takeUnknown(SIZE_WORDS);
  const size = pinSize(remaining.rest());
  if (size === undefined) {
    return unknown.length > 0
      ? { code: "callout-not-understood", read, words: unknown }
      : { code: "callout-length", read, length: remaining.rest() };
  }
  const spec: PinSpec = {
    part: "pin",
    style,
    ...size,
    ...(quantity === undefined ? {} : { quantity }),
    ...made,
  };
  const against = contradicting(pieces, (means) => means.part === "pin" && means.style === style);
  return finished(pieces, spec, [...unknown, ...against]);
}

/** Reads a plug for a threaded hole. */
export function readPlug(pieces: Pieces): FastenerSpec | CalloutProblem {
  const phrase = pieces.remaining.takePhrase(PLUG_PHRASES);
  const said = phrase === "unsaid" ? undefined : phrase;
  const drive = said ?? definedAs(pieces, "plug")?.drive;
  const made = takeMade(pieces);
  return partOfThread(
    pieces,
    (threaded) => ({
      part: "plug",
      ...threaded,
      ...made,
      ...(drive === undefined ? {} : { drive }),
    }),
    (means) => means.part === "plug" && (means.drive === undefined || means.drive === drive),
  );
}
