import { oneSpelling } from "../measure";
import { writtenOut } from "./abbreviations";
import { COUNTER_WORDS } from "./counter-words";
import { LIST_WORDS } from "./list-words";
import { numbersInFigures } from "./number-words";
import { lengthLast } from "./length-last";
import { inReadingOrder } from "./part-order";
import { rewritten } from "./rewritten";
import { SIGNS } from "./signs";

/** "40,8.8": a comma before a decimal parts a list. */
const LISTED = /(\d),(?=\d+\.\d)/g;
const CROSSES = /[✕✖⨯⨉╳]| · |(?<=\d ?)[хХχ](?= ?\d)/gu;

/** Figures with letters that are read for them: l and I for 1, O for 0; with M before or a true figure among them. */
const MISREAD =
  /(?<![A-WYZa-wyz\d/.-]|[A-Za-z][Xx])([Mm] ?)?([\dlIOo|]+(?:[./-]+[\dlIOo|]+)*)(?![A-WYZa-wyz\d=]|[Xx][A-Za-z])/g;
/** "5/16-18 x l": a letter alone, where a length should be. */
const MISREAD_ONE = /(?<=\d ?x ?)[lI](?=$|")|(?<=\d ?x ?)l(?= \d+\/\d)/g;
/** "IO off": figures only by what follows. */
const MISREAD_COUNT = /(?<![A-Za-z\d])[IlO]{2,4}(?= ?(?:off|pcs)\b)/g;

const inFigures = (text: string) => text.replace(/[lI|]/g, "1").replace(/[Oo]/g, "0");

function figureRead(found: string, m: string | undefined, figures: string): string {
  if (/^\|[\d.]+\|$/.test(figures)) return ` ${figures.slice(1, -1)} `;
  const said = /\d/.test(figures) || (m !== undefined && figures.length > 1);
  // "40l" is a length of 40.
  return said && /[lIOo|]/.test(figures) && !/\dl$/.test(figures)
    ? `${m ?? ""}${inFigures(figures)}`
    : found;
}

/** What stands on the head says no more than that it does: "marked 8.8", "8.8 on head". */
const MARKED =
  /\b(?:head )?(?:marked|stamped|marking)(?: as)? (?="?[\da-z])|(?<=\d"?) on (?:the )?head\b/gi;
/** A class in quotation marks is no length in inches. */
const QUOTED = /(?<= )"(\d{1,2}\.\d)"(?! ?x)/g;
/** "M8,25,hex": where commas part a list, the one behind the size is no decimal point. */
const LISTED_SIZE = /^(m ?\d+),(\d{1,3})(?=,)/i;
/** "HEX.HD.BOLT": points between shortened words; those between single letters are a name's. */
const DOTS_BETWEEN = /(?<=[a-z]{2})\.(?=[a-z])|(?<=(?<![a-z.])[a-z])\.(?=[a-z]{2})/gi;
/** "NUT,HEX,HVY,3/4-10,2H": commas between words, without a space, part a list. */
const LIST_OF_WORDS = /^[a-z]+,[a-z].*/i;
/** "M8/1.25/30", "M8,1.25,30": size, pitch and length in a list. */
const LISTED_WHOLE =
  /^(m ?\d+(?:\.\d+)?)([,;/]) ?(?!(?:4\.[68]|5\.[68]|6\.8|[89]\.8)[,;/])(\d?\.\d+)\2 ?(\d{1,3})(?![.,/\d])/i;

/**
 * A call-out in the one spelling that its readers know: crosses, figures and numbers in words as above; abbreviations
 * written out; metres, feet and "by" in signs; letters that were read for figures put right, where nothing else can be meant.
 * @param taught words that the shop has given a meaning, which stay as they are
 */
export function calloutSpelling(text: string, taught: readonly string[] = []): string {
  const plain = oneSpelling(
    oneSpelling(
      text
        .replace(/[‘’′]{2}/g, '"')
        .replace(/ \| /g, ", ")
        .replace(DOTS_BETWEEN, " ")
        .replace(LIST_OF_WORDS, (text) => text.replaceAll(",", ", "))
        .replace(LISTED_WHOLE, "$1 x $3 x $4")
        .replace(LISTED_SIZE, "$1 x $2")
        .replace(LISTED, "$1, ")
        .replace(/[[\]]/g, " "),
    ).normalize("NFKC"),
  )
    .replace(QUOTED, "$1")
    .replace(MARKED, "")
    .replace(CROSSES, " x ")
    .replace(MISREAD_COUNT, inFigures)
    .replace(MISREAD, figureRead)
    .replace(MISREAD_ONE, "1")
    .replace(/[Øø⌀]/g, " ");
  const said = rewritten(writtenOut(plain, taught), [...LIST_WORDS, ...COUNTER_WORDS]);
  const figures = rewritten(lengthLast(numbersInFigures(said)), SIGNS);
  return inReadingOrder(figures).replace(/\s+/g, " ").trim();
}
