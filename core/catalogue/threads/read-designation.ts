import { mmFromInches, oneSpelling } from "../../measure";
import { numberedSizeInches } from "./inch-size";
import type { Thread } from "./thread";

/** A size as written, in mm: over the crests or, for a pipe, of its name; BA and Pg sizes are bare numbers. */
interface WrittenSize {
  readonly figure: number;
  /** Only the numbered inch sizes #0 to #12 are meant. */
  readonly numbered?: boolean;
}

/** What a written designation asks for; absent parts were not written. */
export interface WrittenDesignation {
  /** Every size it may mean, the likeliest first: "1-20" is #1 or 1 in. */
  readonly sizes: readonly WrittenSize[];
  /** The series it may belong to; absent when nothing was said. */
  readonly series?: readonly string[];
  readonly family?: Thread["family"];
  readonly pitchMm?: number;
  readonly tpi?: number;
  readonly hand?: "left";
  readonly starts?: number;
  /** "6g", "2A", "6H/6g", the letter of "G 1/2 A", in the case it was written in. */
  readonly toleranceClass?: string;
  /** What follows the thread and was not read as part of it, such as a length. */
  readonly rest?: string;
}

/** The word or letters written, and the series they stand for. */
const SERIES_WORDS: ReadonlyMap<string, readonly string[]> = new Map([
  ["unc", ["UNC"]],
  ["nc", ["UNC"]],
  ["unf", ["UNF"]],
  ["nf", ["UNF"]],
  ["unef", ["UNEF"]],
  ["nef", ["UNEF"]],
  ["uns", ["UNS"]],
  ["un", ["4-UN", "6-UN", "8-UN", "12-UN", "16-UN", "20-UN", "28-UN", "32-UN"]],
  ["coarse", ["UNC"]],
  ["fine", ["UNF"]],
  ["bsw", ["BSW"]],
  ["w", ["BSW"]],
  ["ww", ["BSW"]],
  ["whit", ["BSW"]],
  ["whitworth", ["BSW", "BSF"]],
  ["bsf", ["BSF"]],
  ["brass", ["brass"]],
  ["cycle", ["cycle"]],
  ["bsc", ["cycle"]],
  ["bscy", ["cycle"]],
  ["cei", ["cycle"]],
  ["bsp", ["G", "R"]],
  ["bspp", ["G"]],
  ["bspf", ["G"]],
  ["g", ["G"]],
  ["gas", ["G", "R"]],
  ["bspt", ["R"]],
  ["bsptr", ["R"]],
  ["r", ["R"]],
  ["rc", ["R"]],
  ["pt", ["R"]],
  ["pf", ["G"]],
  ["rp", ["Rp"]],
  ["npt", ["NPT"]],
  ["nptf", ["NPT"]],
  ["nps", ["NPSM", "NPSC"]],
  ["npsm", ["NPSM"]],
  ["npsc", ["NPSC"]],
  ["acme", ["Acme"]],
  ["stub acme", ["stub Acme"]],
  ["stub", ["stub Acme"]],
  ["square", ["square"]],
  ["sq", ["square"]],
  ["nh", ["NH"]],
  ["ght", ["NH"]],
  ["hose", ["NH"]],
]);

/** The words and letters that series are written by. */
export const SERIES_NAMES: readonly string[] = [...SERIES_WORDS.keys()];

/** Where a constant pitch falls on one of these, the thread goes by its name (ASME B1.1): 1-8 UN is 1-8 UNC. */
const MET_BY_UN = ["UNC", "UNF", "UNEF"];

const LEFT = /[ -]?[(]?\b(?:lh|l\.h|left[- ]?hand(?:ed)?|left)\b[.)]*/;
const RIGHT = /[ -]?[(]?\b(?:rh|r\.h|right[- ]?hand(?:ed)?)\b[.)]*/;
/** A tolerance class at the end: "-2a", " 6g", "- 6h/6g". */
const CLASS =
  /(?: ?- ?| )([1-3][ab](?:\/[1-3][ab])?|\d[efgh](?:\d[efgh])?(?:\/\d[efgh](?:\d[efgh])?)?)$/i;

/** "M12-1.5" and "M12 1.5" are written as often as "M12x1.5"; what a pitch cannot be is left over. */
const METRIC =
  /^(?:(?<m>m) ?)?(?<major>\d+(?:\.\d+)?)(?: ?mm\b)?(?<second>(?:(?<by> ?x ?)|(?: ?- ?| )(?=p? ?[\d.]))(?:p(?:itch)? ?=? ?)?(?<pitch>\d+(?:\.\d+)?|\.\d+)(?!["\/\d])(?: ?(?:mm\b|p\b|pitch))*)?(?: ?\(?(?<word>coarse|fine)\b\)?)?(?<rest>[ x(-].*)?$/;
const TRAPEZOIDAL =
  /^tr\s*(?<major>\d+(?:\.\d+)?)(?:\s*x\s*(?<lead>\d+(?:\.\d+)?))?\s*(?:\(?\s*p\s*(?<pitch>\d+(?:\.\d+)?)\s*\)?)?$/;
/** Outlets of gas cylinders by DIN 477: "W 21.80 x 1/14". */
const CYLINDER = /^w ?(?<major>\d+(?:\.\d+)?) ?x ?1\/(?<tpi>\d+)"?$/;
const BA = /^(?:no\.?\s*|#)?(?<number>\d{1,2})\s*b\.?\s*a\.?$|^b\.?\s*a\.?\s*(?<number2>\d{1,2})$/;
const PG = /^pg\s*(?<number>\d+(?:\.\d)?)$/;
const SIZE = String.raw`(?:(?<sign>#|no\.?\s*)(?<number>\d+)|(?<whole>\d+)(?:\s*-\s*|\s+)(?<wholeFraction>\d+\/\d+)|(?<fraction>\d+\/\d+)|(?<decimal>\d*\.\d+)|(?<integer>\d+))\s*(?<mark>"|in\b|inch\b)?`;
const INCH = new RegExp(
  String.raw`^${SIZE}(?:\s*(?:-|x(?=\s*[\d.]+\s*tpi)|\s)\s*(?<tpi>\d+(?:\.\d+)?)(?!\/|\d|\.)\s*(?:tpi)?)?[\s-]*(?<word>[a-z][a-z. ]*?)?(?<rest>\s*x\s*.*)?$`,
);
/** "G 1/2 A" has its class as a letter after the size. */
const PREFIXED = new RegExp(
  String.raw`^(?<word>rc|rp|r|g|npt|bspt|bspp|bsp|pt|pf|bsw|bsf|w|stub acme|acme)\s*${SIZE}(?:[ -]?(?<letter>[ab]))?$`,
);

/** Pitches over this are lengths: "M10x40" is a screw 40 long. */
const LARGEST_PITCH_MM = 8;

/**
 * Reads what people write for a thread: "m8", "8x1.25", "M12-1.5", "5/16 bsf", "#8-32", "1/2-13x1-1/2", "R 1/2", "2 B.A.",
 * "Tr20x4 LH". Only the writing is read; whether such a thread exists is for `findThread`.
 * @returns undefined when it is no designation at all
 */
export function readDesignation(text: string): WrittenDesignation | undefined {
  const spelled = oneSpelling(text);
  const lower = spelled.toLowerCase();
  const left = LEFT.test(lower);
  const classed = withoutHand(spelled);
  const toleranceClass = CLASS.exec(classed)?.[1];
  const written = classed.replace(CLASS, "").trim().toLowerCase();
  const read =
    readBa(written) ??
    readPg(written) ??
    readCylinder(written) ??
    readTrapezoidal(written) ??
    readMetric(written) ??
    readPrefixed(written) ??
    readInch(written);
  if (read === undefined) return undefined;
  return {
    ...read,
    ...(left ? { hand: "left" as const } : {}),
    ...(toleranceClass === undefined ? {} : { toleranceClass }),
  };
}

const withoutHand = (spelled: string) =>
  spelled.replace(new RegExp(LEFT, "i"), "").replace(new RegExp(RIGHT, "i"), "").trim();

function readBa(written: string): WrittenDesignation | undefined {
  const groups = BA.exec(written)?.groups;
  const number = groups?.number ?? groups?.number2;
  // BA sizes are named by number; the number stands in for the size.
  return number === undefined ? undefined : { family: "ba", sizes: [{ figure: Number(number) }] };
}

function readPg(written: string): WrittenDesignation | undefined {
  const number = PG.exec(written)?.groups?.number;
  return number === undefined
    ? undefined
    : { family: "conduit", series: ["Pg"], sizes: [{ figure: Number(number) }] };
}

function readCylinder(written: string): WrittenDesignation | undefined {
  const groups = CYLINDER.exec(written)?.groups;
  if (groups?.major === undefined) return undefined;
  return {
    family: "gas-cylinder",
    sizes: [{ figure: Number(groups.major) }],
    tpi: Number(groups.tpi),
  };
}

function readTrapezoidal(written: string): WrittenDesignation | undefined {
  const groups = TRAPEZOIDAL.exec(written)?.groups;
  if (groups?.major === undefined) return undefined;
  const lead = groups.lead === undefined ? undefined : Number(groups.lead);
  const pitch = groups.pitch === undefined ? lead : Number(groups.pitch);
  const starts = lead === undefined || pitch === undefined ? 1 : lead / pitch;
  if (!Number.isInteger(starts)) return undefined;
  return {
    family: "trapezoidal",
    sizes: [{ figure: Number(groups.major) }],
    ...(pitch === undefined ? {} : { pitchMm: pitch }),
    ...(starts === 1 ? {} : { starts }),
  };
}

function readMetric(written: string): WrittenDesignation | undefined {
  const groups = METRIC.exec(written)?.groups;
  if (groups?.major === undefined) return undefined;
  if (groups.m === undefined && groups.pitch === undefined) return undefined;
  // Without its letter only the cross says that a size is metric: "8-32" and "3/8 16" are not.
  if (groups.m === undefined && groups.by === undefined) return undefined;
  const second = groups.pitch === undefined ? undefined : Number(groups.pitch);
  const isLength = second !== undefined && second > LARGEST_PITCH_MM;
  if (groups.m === undefined && isLength) return undefined;
  const pitchMm = isLength ? undefined : second;
  const word = groups.word;
  const rest = (isLength ? `${groups.second}${groups.rest ?? ""}` : groups.rest)?.trim();
  return {
    family: "iso-metric",
    sizes: [{ figure: Number(groups.major) }],
    ...(word === undefined && pitchMm !== undefined ? {} : { series: [word ?? "coarse"] }),
    ...(pitchMm === undefined ? {} : { pitchMm }),
    ...(rest ? { rest } : {}),
  };
}

function readPrefixed(written: string): WrittenDesignation | undefined {
  const groups = PREFIXED.exec(written)?.groups;
  if (groups?.word === undefined) return undefined;
  return {
    sizes: inchSizes(groups),
    series: SERIES_WORDS.get(groups.word) ?? [],
    ...(groups.letter === undefined ? {} : { toleranceClass: groups.letter }),
  };
}

function readInch(written: string): WrittenDesignation | undefined {
  const groups = INCH.exec(written)?.groups;
  if (groups === undefined) return undefined;
  const word = groups.word?.replace(/\./g, "").trim();
  const named = word ? SERIES_WORDS.get(word) : undefined;
  const series =
    word === "un" && groups.tpi !== undefined ? [...(named ?? []), ...MET_BY_UN] : named;
  if (word && series === undefined) return undefined;
  const rest = groups.rest?.trim();
  return {
    sizes: inchSizes(groups),
    ...(groups.tpi === undefined ? {} : { tpi: Number(groups.tpi) }),
    ...(series === undefined ? {} : { series }),
    ...(rest ? { rest } : {}),
  };
}

function fractionValue(text: string): number {
  const [numerator = 0, denominator = 1] = text.split("/").map(Number);
  return denominator === 0 ? Number.NaN : numerator / denominator;
}

const inches = (value: number): WrittenSize => ({ figure: mmFromInches(value) });
const numbered = (text: string | undefined): WrittenSize => ({
  figure: mmFromInches(numberedSizeInches(Number(text))),
  numbered: true,
});

/** A bare whole number is a numbered size or whole inches; the inch mark says which, else the catalogue. */
function inchSizes(groups: Record<string, string | undefined>): WrittenSize[] {
  const { sign, number, whole, wholeFraction, fraction, decimal, integer, mark } = groups;
  if (sign !== undefined) return mark === undefined ? [numbered(number)] : [];
  if (wholeFraction !== undefined) return [inches(Number(whole) + fractionValue(wholeFraction))];
  if (fraction !== undefined) return [inches(fractionValue(fraction))];
  if (decimal !== undefined) return [inches(Number(decimal))];
  const wholeInches = inches(Number(integer));
  return mark === undefined ? [numbered(integer), wholeInches] : [wholeInches];
}
