import { oneSpelling } from "../measure";

/** A figure, a word or a sign of a call-out. */
export interface Token {
  readonly kind: "number" | "word" | "sign";
  /** As it is read: in small letters, letters among figures that were read for them put right. */
  readonly text: string;
  /** As it was written. */
  readonly written: string;
  readonly from: number;
  readonly to: number;
  /** It stands straight behind what is before it, without a space. */
  readonly glued: boolean;
  /** Of a word: that it was written for several. */
  readonly plural?: true;
}

const CROSSES = /[✕✖⨯⨉╳]| · |(?<=\d ?)[хХχ](?= ?\d)/gu;
/** "40,8.8" and "M8,25,hex": where commas part a list, none of them is a decimal point. */
const LISTED = /(\d),(?=\d+\.\d)|(?<=\bm ?\d+),(?=\d{1,3},)/gi;
/** "|8|" is a mark on a head, written as it is stamped. */
const STAMPED = /\|([\d.]+)\|/g;

/** "NUT,HEX,HVY,3/4-10,2H": words parted by commas without a space. */
const LIST_OF_WORDS = /^[a-z]+,[a-z].*/i;

/** The text in one spelling of its signs. */
function oneSign(text: string): string {
  const listed = text.replace(LIST_OF_WORDS, (list) => list.replaceAll(",", ", "));
  return oneSpelling(
    oneSpelling(listed.replace(/[‘’′]{2}/g, '"').replace(LISTED, "$1, ")).normalize("NFKC"),
  )
    .replace(STAMPED, " $1 ")
    .replace(CROSSES, " x ")
    .replace(/[Øø⌀]/g, " ");
}

/** A proper part of an inch: halves to sixty-fourths. */
const FRACTION = /\d+\/(?:2|4|8|16|32|64)(?![\d.])/y;
const NUMBER = /\d*\.\d+|\d+/y;
/** Letters among figures, l and I for 1, O for 0: "M1O", "3/8-l6", "l/2". */
const SLIP = /[\dlIOo|]+(?:[./][\dlIOo|]+)*(?![A-WYZa-wyz\d])/y;
/** "B.S.F.", "L.H.", "N.I." */
const INITIALS = /(?:[a-z]\.)+[a-z](?![a-z])\.?/iy;
/** "C/W", "S/S", "N/LOCK": one abbreviation, where a part is no word. */
const SLASHED = /[a-z]{1,2}\/[a-z]+(?![a-z])|[a-z]+\/[a-z](?![a-z])/iy;
/** "W/ NUT". */
const WITH = /w\/(?=[ a-z])/iy;
const WORD = /[a-z\u00c0-\u024f]+(?:'[a-z]+)?/iy;
/** "12mmx1.25", "6gx30", "UNFx1": the cross is no letter of the word. */
const CROSSED = /^(.+)x$/i;

const inFigures = (text: string) => text.replace(/[lI|]/g, "1").replace(/[Oo]/g, "0");

function at(pattern: RegExp, text: string, from: number): string | undefined {
  pattern.lastIndex = from;
  return pattern.exec(text)?.[0];
}

/** Figures with letters among them, where nothing else can be meant. */
function slipAt(text: string, from: number): string | undefined {
  if (/[a-ln-wyz]/i.test(text[from - 1] ?? "")) return undefined;
  const found = at(SLIP, text, from);
  const isOne = found !== undefined && /\d/.test(found) && /[lIOo|]/.test(found);
  return isOne && !/\dl$/.test(found) ? found : undefined;
}

type Found = readonly [kind: Token["kind"], written: string, text: string];

function figureAt(text: string, from: number): Found | undefined {
  const slip = slipAt(text, from);
  if (slip !== undefined) return ["number", slip, inFigures(slip)];
  // "GR.8": the point behind letters ends a shortened word.
  if (text[from] === "." && /[a-z]/i.test(text[from - 1] ?? "")) return undefined;
  const figure = at(FRACTION, text, from) ?? at(NUMBER, text, from);
  return figure === undefined ? undefined : ["number", figure, figure];
}

function wordAt(text: string, from: number): Found | undefined {
  const initials = at(INITIALS, text, from);
  if (initials !== undefined) return ["word", initials, initials.replaceAll(".", "").toLowerCase()];
  const found = at(WITH, text, from) ?? at(SLASHED, text, from) ?? at(WORD, text, from);
  if (found === undefined) return undefined;
  const figureFollows = /[\d.]/.test(text[from + found.length] ?? "");
  const crossed = figureFollows && found.length < 6 ? CROSSED.exec(found)?.[1] : undefined;
  const isUnit = crossed !== undefined && UNITS_BEFORE_A_CROSS.test(crossed);
  const word = isUnit ? crossed : found;
  return ["word", word, word.toLowerCase()];
}

const UNITS_BEFORE_A_CROSS = /^(?:mm|in|un[cf]|unef|bs[wf]|whit|ba|[efgh]|[ab])$/i;

/** The marks of a call-out with their places, spaces left out. */
export function tokensOf(text: string): readonly Token[] {
  const spelled = oneSign(text);
  const tokens: Token[] = [];
  for (let from = 0; from < spelled.length;) {
    if (spelled[from] === " ") {
      from += 1;
      continue;
    }
    const sign = spelled[from] ?? "";
    const [kind, written, read] = figureAt(spelled, from) ??
      wordAt(spelled, from) ?? ["sign" as const, sign, sign];
    const glued = from > 0 && spelled[from - 1] !== " ";
    tokens.push({ kind, written, text: read, from, to: from + written.length, glued });
    from += written.length;
  }
  return tokens;
}

/** A run of tokens as it was written; a word that stands for several is written once. */
export const asWritten = (tokens: readonly Token[]): string =>
  tokens
    .filter((token, at) => token.from !== tokens[at - 1]?.from)
    .map(({ written, glued }, at) => `${at > 0 && !glued ? " " : ""}${written}`)
    .join("");
