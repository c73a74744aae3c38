import { mmFromInches } from "../units";
import { numberedSizeInches } from "./inch-size";
import type { Thread } from "./thread";

/** A size as written, in mm: over the crests or, for a pipe, of its name; BA and Pg sizes are bare numbers. */
export interface WrittenSize {
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
  /** What follows the thread, such as a length. */
  readonly rest?: string;
}

/** The word or letters written, and the series they stand for. */
const SERIES_WORDS: Readonly<Record<string, readonly string[]>> = {
  unc: ["UNC"],
  nc: ["UNC"],
  unf: ["UNF"],
  nf: ["UNF"],
  unef: ["UNEF"],
  nef: ["UNEF"],
  uns: ["UNS"],
  un: ["4-UN", "6-UN", "8-UN", "12-UN", "16-UN", "20-UN", "28-UN", "32-UN"],
  coarse: ["UNC"],
  fine: ["UNF"],
  bsw: ["BSW"],
  w: ["BSW"],
  ww: ["BSW"],
  whit: ["BSW"],
  whitworth: ["BSW", "BSF"],
  bsf: ["BSF"],
  brass: ["brass"],
  cycle: ["cycle"],
  bsc: ["cycle"],
  bscy: ["cycle"],
  cei: ["cycle"],
  bsp: ["G", "R"],
  bspp: ["G"],
  bspf: ["G"],
  g: ["G"],
  bspt: ["R"],
  bsptr: ["R"],
  r: ["R"],
  rc: ["R"],
  pt: ["R"],
  pf: ["G"],
  rp: ["Rp"],
  npt: ["NPT"],
  nptf: ["NPT"],
  nps: ["NPSM", "NPSC"],
  npsm: ["NPSM"],
  npsc: ["NPSC"],
  acme: ["Acme"],
  "stub acme": ["stub Acme"],
  stub: ["stub Acme"],
  square: ["square"],
  sq: ["square"],
  nh: ["NH"],
  ght: ["NH"],
  hose: ["NH"],
};

const VULGAR: Readonly<Record<string, string>> = {
  "¼": "1/4",
  "½": "1/2",
  "¾": "3/4",
  "⅛": "1/8",
  "⅜": "3/8",
  "⅝": "5/8",
  "⅞": "7/8",
};

/** One spelling for case, decimal comma, crosses, quotes, dashes and vulgar fractions. */
function normalise(text: string): string {
  return text
    .trim()
    .toLowerCase()
    .replace(
      /(\d)?([¼½¾⅛⅜⅝⅞])/g,
      (_, whole: string | undefined, sign: string) =>
        `${whole === undefined ? "" : `${whole} `}${VULGAR[sign] ?? ""}`,
    )
    .replace(/(\d),(\d)/g, "$1.$2")
    .replace(/[×*]/g, "x")
    .replace(/[″”“]|''/g, '"')
    .replace(/[–—−]/g, "-")
    .replace(/⁄/g, "/")
    .replace(/\s+/g, " ");
}

const LEFT = /[\s-]*\b(?:lh|l\.h\.|left[- ]?hand(?:ed)?|left)\b\.?/;
const RIGHT = /[\s-]*\b(?:rh|r\.h\.|right[- ]?hand(?:ed)?)\b\.?/;
/** A tolerance class at the end: "-2a", " 6g", "- 6h/6g"; of G, a letter after a space. */
const CLASS = /(?:\s*-\s*|\s+)(?:[1-3][ab]|\d[efgh](?:\d[efgh])?(?:\/\d[efgh](?:\d[efgh])?)?)$/;

const METRIC =
  /^(?<m>m)?\s*(?<major>\d+(?:\.\d+)?)(?:\s*x\s*(?<pitch>\d+(?:\.\d+)?))?\s*(?<word>coarse|fine)?(?<rest>\s*(?:x|-).*)?$/;
const TRAPEZOIDAL =
  /^tr\s*(?<major>\d+(?:\.\d+)?)(?:\s*x\s*(?<lead>\d+(?:\.\d+)?))?\s*(?:\(?\s*p\s*(?<pitch>\d+(?:\.\d+)?)\s*\)?)?$/;
const BA = /^(?:no\.?\s*|#)?(?<number>\d{1,2})\s*b\.?\s*a\.?$|^b\.?\s*a\.?\s*(?<number2>\d{1,2})$/;
const PG = /^pg\s*(?<number>\d+(?:\.\d)?)$/;
const SIZE = String.raw`(?:(?<sign>#|no\.?\s*)(?<number>\d+)|(?<whole>\d+)(?:\s*-\s*|\s+)(?<wholeFraction>\d+\/\d+)|(?<fraction>\d+\/\d+)|(?<decimal>\d*\.\d+)|(?<integer>\d+))\s*(?:"|in\b|inch\b)?`;
const INCH = new RegExp(
  String.raw`^${SIZE}(?:\s*(?:-|x(?=\s*[\d.]+\s*tpi)|\s)\s*(?<tpi>\d+(?:\.\d+)?)(?!\/|\d|\.)\s*(?:tpi)?)?[\s-]*(?<word>[a-z][a-z. ]*?)?(?<rest>\s*x\s*.*)?$`,
);
const PREFIXED = new RegExp(
  String.raw`^(?<word>rc|rp|r|g|npt|bspt|bspp|bsp|pt|pf|bsw|bsf|w)\s*${SIZE}(?:[\s-]*[ab])?$`,
);

/** Pitches over this are lengths: "M10x40" is a screw 40 long. */
const LARGEST_PITCH_MM = 8;

/**
 * Reads what people write for a thread: "m8", "8x1.25", "5/16 bsf", "#8-32", "1/2-13x1-1/2", "R 1/2", "2 B.A.",
 * "Tr20x4 LH". Only the writing is read; whether such a thread exists is for `findThread`.
 * @returns undefined when it is no designation at all
 */
export function readDesignation(text: string): WrittenDesignation | undefined {
  const spelled = normalise(text);
  const left = LEFT.test(spelled);
  const written = spelled.replace(LEFT, "").replace(RIGHT, "").replace(CLASS, "").trim();
  const read =
    readBa(written) ??
    readPg(written) ??
    readTrapezoidal(written) ??
    readMetric(written) ??
    readPrefixed(written) ??
    readInch(written);
  return read === undefined || !left ? read : { ...read, hand: "left" };
}

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

function readTrapezoidal(written: string): WrittenDesignation | undefined {
  const groups = TRAPEZOIDAL.exec(written)?.groups;
  if (groups?.major === undefined) return undefined;
  const lead = groups.lead === undefined ? undefined : Number(groups.lead);
  const pitch = groups.pitch === undefined ? lead : Number(groups.pitch);
  return {
    family: "trapezoidal",
    sizes: [{ figure: Number(groups.major) }],
    ...(pitch === undefined ? {} : { pitchMm: pitch }),
    ...(lead === undefined || pitch === undefined || lead === pitch
      ? {}
      : { starts: lead / pitch }),
  };
}

function readMetric(written: string): WrittenDesignation | undefined {
  const groups = METRIC.exec(written)?.groups;
  if (groups?.major === undefined) return undefined;
  if (groups.m === undefined && groups.pitch === undefined) return undefined;
  const second = groups.pitch === undefined ? undefined : Number(groups.pitch);
  const isLength = second !== undefined && second > LARGEST_PITCH_MM;
  if (groups.m === undefined && isLength) return undefined;
  const rest = isLength ? `x ${second}` : groups.rest?.trim();
  return {
    family: "iso-metric",
    sizes: [{ figure: Number(groups.major) }],
    ...(second === undefined || isLength
      ? { series: [groups.word ?? "coarse"] }
      : { pitchMm: second }),
    ...(rest ? { rest } : {}),
  };
}

function readPrefixed(written: string): WrittenDesignation | undefined {
  const groups = PREFIXED.exec(written)?.groups;
  if (groups?.word === undefined) return undefined;
  return {
    sizes: inchSizes(groups),
    series: SERIES_WORDS[groups.word] ?? [],
  };
}

function readInch(written: string): WrittenDesignation | undefined {
  const groups = INCH.exec(written)?.groups;
  if (groups === undefined) return undefined;
  const word = groups.word?.replace(/\./g, "").trim();
  const series = word ? SERIES_WORDS[word] : undefined;
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

/** A bare whole number is a numbered size or whole inches; the catalogue tells which. */
function inchSizes(groups: Record<string, string | undefined>): WrittenSize[] {
  const { sign, number, whole, wholeFraction, fraction, decimal, integer } = groups;
  if (sign !== undefined) return [numbered(number)];
  if (wholeFraction !== undefined) return [inches(Number(whole) + fractionValue(wholeFraction))];
  if (fraction !== undefined) return [inches(fractionValue(fraction))];
  if (decimal !== undefined) return [inches(Number(decimal))];
  return [numbered(integer), inches(Number(integer))];
}
