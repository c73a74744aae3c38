import type { CalloutProblem, FastenerSpec, PinSpec, PinStyle } from "./fastener-spec";
import { PIN_PHRASES, PLUG_APART, PLUG_PHRASES } from "./phrases";
import {
  FILLERS,
  contradicting,
  definedAs,
  finished,
  partOfThread,
  takeMade,
  type Pieces,
} from "./pieces";
import { pinSizeIn, type PinSize } from "./pin-size";
import { TAPER_PINS } from "./taper-pins";

/** Fits that pins are ground to: "m6", "h8". */
const FIT =
  /(?<=\d.*)(?<![a-wyz])[mh](?:[5-9]|11)(?![a-wyz\d/]| ?x ?\d)|(?<=\d ?)[mh](?:[5-9]|11)(?![a-wyz\d/])/i;
/** "M6 x 24 dowel": a pin has no thread, so the letter says that it is metric. */
const METRIC = /(?<!\w)m ?(?=\d)/i;
/** The form of a standard's pin, before its size: "DIN 1444 B10 x 40". */
const FORM = /(?<!\w)[a-d](?=\d)/i;
const SIZE_WORDS = /^(?:x|no|mm|in|inch|inches|l|mmx|inx)$/i;

const PIN_NUMBER = /(?<![\w/.])(?:no\.? ?|#)([2-7]\/0|\d{1,2})(?![a-wyz\d/.])/i;

/** The size of a pin; a taper pin's may be a number. */
function pinSize(written: string, style: PinStyle): PinSize | undefined {
  const number = style === "taper" ? PIN_NUMBER.exec(written) : null;
  const large = TAPER_PINS[number?.[1] ?? ""];
  return pinSizeIn(
    number === null || large === undefined ? written : written.replace(number[0], `${large} in`),
  );
}

/** Reads a pin: its kind, diameter and length. */
export function readPin(pieces: Pieces): FastenerSpec | CalloutProblem {
  const { remaining, read, quantity } = pieces;
  const said = remaining.takePhrase(PIN_PHRASES) ?? "dowel";
  // "Dowel" is also what a bare "pin" is read as.
  const style = said === "dowel" ? (definedAs(pieces, "pin")?.style ?? said) : said;
  const made = takeMade(pieces);
  const fit = remaining.take(FIT)?.[0].toLowerCase();
  remaining.take(METRIC);
  if (pieces.standards.length > 0) remaining.take(FORM);
  remaining.takeAll(FILLERS);
  const unknown = remaining.takeUnknown(SIZE_WORDS);
  const size = pinSize(remaining.rest(), style);
  if (size === undefined) {
    return unknown.length > 0
      ? { code: "callout-not-understood", read, words: unknown }
      : { code: "callout-length", read, length: remaining.rest() };
  }
  const spec: PinSpec = {
    part: "pin",
    style,
    ...size,
    ...(fit === undefined ? {} : { fit }),
    ...(quantity === undefined ? {} : { quantity }),
    ...made,
  };
  const against = contradicting(pieces, (means) => means.part === "pin" && means.style === style);
  return finished(pieces, spec, [...unknown, ...against]);
}

/** Reads a plug for a threaded hole. */
export function readPlug(pieces: Pieces): FastenerSpec | CalloutProblem {
  const phrase = pieces.remaining.takePhrase(PLUG_PHRASES);
  const said = phrase === "unsaid" ? pieces.remaining.takePhrase(PLUG_APART) : phrase;
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
    (read) => read(),
    { pipe: true },
  );
}
