import { oneSpelling } from "../units";
import { writtenOut } from "./abbreviations";
import { COUNTER_WORDS } from "./counter-words";
import { numbersInFigures } from "./number-words";
import { inReadingOrder, lengthLast } from "./part-order";
import { rewritten, type Rule } from "./rewritten";

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

/** Sizes that are fractions nobody writes unreduced: "10/32" is #10-32. */
const NUMBERED =
  /(?<![\w/.-])(?:no\.? ?)?(4\/40|6\/32|8\/32|10\/24|10\/32|12\/24)(?![\w/]|"| ?in\b)/gi;
/** "10x32": no length, and no metric size without its letter. */
const NUMBERED_CROSSED =
  /^(?:#|no\.? ?)?(4 ?x ?40|6 ?x ?32|8 ?x ?32|10 ?x ?24|10 ?x ?32|12 ?x ?24)(?=$|,? ?x? [\d.]|,? (?:un|n)[cf]\b|,? (?:nuts?|screws?)\b)(?!.*(?:\bpins?\b|\bdowels?\b|mm\b))/i;

/** "40 long", "40 lg": the word says nothing that the place of the figure does not. */
const LONG = /(?<![a-wyz])(\d ?(?:mm|in|")?) ?(?:lg|lgth|long|l)(?!\.?h\b|[\w/=])\.?/gi;
/** Feet of rod; after a screw's length the same letters say that it is threaded to its head. */
const FEET =
  /(?<=\b(?:rod|bar|thread|studding)\b.*)(?<![\w.])(\d+(?:\.\d+)?) ?(?:ft\b|foot\b|feet\b|')(?!\w)\.?/gi;

/** What stands on the head says no more than that it does: "marked 8.8", "8.8 on head". */
const MARKED =
  /\b(?:head )?(?:marked|stamped|marking)(?: as)? (?="?[\da-z])|(?<=\d"?) on (?:the )?head\b/gi;
/** A class in quotation marks is no length in inches. */
const QUOTED = /(?<= )"(\d{1,2}\.\d)"(?! ?x)/g;
/** "M8,25,hex": where commas part a list, the one behind the size is no decimal point. */
const LISTED_SIZE = /^(m ?\d+),(\d{1,3})(?=,)/i;
/** "NUT,HEX,HVY,3/4-10,2H": commas between words, without a space, part a list. */
const LIST_OF_WORDS = /^[a-z]+,[a-z].*/i;
/** "M8/1.25/30", "M8,1.25,30": size, pitch and length in a list. */
const LISTED_WHOLE = /^(m ?\d+(?:\.\d+)?)([,;/]) ?(\d?\.\d+)\2 ?(\d{1,3})(?![.,/\d])/i;
/** Over a counter a millimetre is a mil: "ten mil bolt". */
const MIL = /(?<=(?<![\w.])\d{1,2}) ?mils?\b(?! ?spec)/gi;

/** Figures, signs and units in words, in figures and signs. */
const SIGNS: readonly Rule[] = [
  [/(?<![\w.])(\d{1,2}) point (\d)(?![\w.])/gi, "$1.$2"],
  [/(?<=\d)-(?=inch\b)/gi, " "],
  [MIL, "mm"],
  [/^metric (?=\d)|(?<!\w)em (?=\d)/gi, "M"],
  [/(?<!\w)number (?=\d)/gi, "#"],
  [/ by (?=\.?\d|m ?\d|#)/gi, " x "],
  [/(\d)(lh|l\.h\.?)(?!\w)/gi, "$1 LH"],
  [/\b(?:st[/. ]?st|st\.? ?steel|s\/(?:steel|stl))\b\.?/gi, "s/s"],
  [/(?<=[a-z])\/hd\b/gi, " hd"],
  [/(\d)\.(\d+\/\d)/g, "$1-$2"],
  [/ - (?=(?:g|rp?|rc) ?\d)|(?<=(?<!\w)(?:g|rp?|rc) ?\d[\d/ ]*) - (?=m ?\d)/gi, " x "],
  [/(?<!\w)npt-f(?!\w)/gi, "nptf"],
  [/(?<!\w)([gr] ?\d[\d/ -]*?) ?gas\b/gi, "$1"],
  [/\bbsp ?(taper|parallel)\b/gi, (_, kind: string) => (/^t/i.test(kind) ? "bspt" : "bspp")],
  [/((?:bspt|npt|(?<!\w)rc? ?\d)(?!\w*[a-z]).*?) taper(?= plug)/gi, "$1"],
  [/^8 ?un (\d[\d /-]*?)(?= ?x| [a-z]|$)/i, "$1-8 UN"],
  [/^(acme|stub acme) (\d[\d /-]*)/i, "$2 $1 "],
  [/(?<![\w/])(m ?\d+)\/(\d+(?:\.\d+)?)(?=[^\w/]|$)/gi, "$1 x $2"],
  [NUMBERED, (_, size: string) => `#${size.replace("/", "-")}`],
  [NUMBERED_CROSSED, (_, size: string) => `#${size.replace(/ ?x ?/i, "-")}`],
  [/(?<!\w)(g ?\d[\d/ -]*?)[ -]?([ab])(?!\w)/gi, "$1 $2"],
  [/(?<![\w/])g(?=(?:8|10|12)\.[89](?![\d.]))/gi, ""],
  [
    /(?<![\w.])(\d+(?:\.\d+)?) ?(?:m(?! ?\d|\/)|m(?= \d{1,2}\.\d(?![\d.]))|mtrs?|met(?:re|er)s?)(?![\w.])/gi,
    (_, m: string) => `${Number(m) * 1000}mm`,
  ],
  [
    /(\dx)(\d+(?:\.\d+)?)m(?:trs?|et(?:re|er)s?)?(?![\w.])/gi,
    (_, x: string, m: string) => `${x}${Number(m) * 1000}mm`,
  ],
  [FEET, (_, feet: string) => `${Number(feet) * 12}in`],
  [LONG, "$1 "],
];

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
  const said = rewritten(writtenOut(plain, taught), COUNTER_WORDS);
  const figures = rewritten(lengthLast(numbersInFigures(said)), SIGNS);
  return inReadingOrder(figures).replace(/\s+/g, " ").trim();
}
