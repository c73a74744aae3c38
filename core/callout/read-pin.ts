import { readLength, roundTo, type Mm, type Units } from "../units";
import type { CalloutProblem, FastenerSpec, PinSpec, PlugSpec } from "./fastener-spec";
import { ownMeaning } from "./own-words";
import { FINISH_PHRASES, PIN_PHRASES, PLUG_PHRASES } from "./phrases";
import {
  FILLERS,
  common,
  contradicting,
  finished,
  sizeOf,
  withoutLength,
  type Pieces,
} from "./pieces";
import { takeSteel } from "./read-grade";

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
  const { remaining, own, standards, read, quantity } = pieces;
  const defined = standards.find(({ means }) => means?.part === "pin")?.means;
  const phrase = remaining.takePhrase(PIN_PHRASES);
  // "Dowel" is also what a bare "pin" is read as.
  const style =
    defined?.part === "pin" && (phrase ?? "dowel") === "dowel"
      ? defined.style
      : (phrase ?? "dowel");
  const finish = remaining.takePhrase(FINISH_PHRASES) ?? ownMeaning(own, "finish")?.finish;
  const steel = takeSteel(remaining);
  remaining.take(FIT);
  remaining.takeAll(FILLERS);
  const unknown = remaining.takeUnknown(SIZE_WORDS);
  const size = pinSize(remaining.rest());
  if (size === undefined) {
    return unknown.length > 0
      ? { code: "callout-not-understood", read, words: unknown }
      : { code: "callout-length", read, length: remaining.rest() };
  }
  const coat = steel === undefined ? finish : "stainless";
  const spec: PinSpec = {
    part: "pin",
    style,
    ...size,
    ...(quantity === undefined ? {} : { quantity }),
    ...(coat === undefined ? {} : { finish: coat }),
    ...(steel === undefined ? {} : { steel }),
  };
  const against = contradicting(
    pieces,
    ({ means }) => means?.part === "pin" && means.style === style,
  );
  return finished(pieces, spec, [...unknown, ...against]);
}

/** Reads a plug for a threaded hole. */
export function readPlug(pieces: Pieces): FastenerSpec | CalloutProblem {
  const { remaining, own, standards } = pieces;
  const defined = standards.find(({ means }) => means?.part === "plug")?.means;
  const phrase = remaining.takePhrase(PLUG_PHRASES);
  const said = phrase === "unsaid" ? undefined : phrase;
  const drive = said ?? (defined?.part === "plug" ? defined.drive : undefined);
  const finish = remaining.takePhrase(FINISH_PHRASES) ?? ownMeaning(own, "finish")?.finish;
  const steel = takeSteel(remaining);
  const sized = withoutLength(sizeOf(pieces));
  if ("code" in sized) return sized;
  const left = sized.after === "" ? [] : [sized.after];
  const spec: PlugSpec = {
    part: "plug",
    ...common(pieces, sized, steel === undefined ? finish : "stainless"),
    ...(steel === undefined ? {} : { steel }),
    ...(drive === undefined ? {} : { drive }),
  };
  const against = contradicting(
    pieces,
    ({ means }) => means?.part === "plug" && (means.drive === undefined || means.drive === drive),
  );
  return finished(pieces, spec, [...sized.unknown, ...left, ...against]);
}
