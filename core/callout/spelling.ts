import { oneSpelling } from "../units";
import { writtenOut } from "./abbreviations";
import { numbersInFigures } from "./number-words";
import { inReadingOrder, lengthLast } from "./part-order";

/** "40,8.8": a comma before a decimal parts a list. */
const LISTED = /(\d),(?=\d+\.\d)/g;
const CROSSES = /[✕✖⨯⨉╳]|(?<=\d ?)[хХχ](?= ?\d)/gu;

/** Figures with letters that are read for them: l and I for 1, O for 0; with M before or a true figure among them. */
const MISREAD = /(?<![A-Za-z\d/.-])([Mm] ?)?([\dlIOo|]+(?:[./-]+[\dlIOo|]+)*)(?![A-Za-z\d=])/g;
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
const NUMBERED = /(?<![\w/.-])(4\/40|6\/32|8\/32|10\/24|10\/32|12\/24)(?![\w/]|"| ?in\b)/g;

/** "40 long", "40 lg": the word says nothing that the place of the figure does not. */
const LONG = /(?<![a-wyz])(\d ?(?:mm|in|")?) ?(?:lg|lgth|long|l)(?!\.?h\b|[\w/=])\.?/gi;
/** Feet of rod; after a screw's length the same letters say that it is threaded to its head. */
const FEET =
  /(?<=\b(?:rod|bar|thread|studding)\b.*)(?<![\w.])(\d+(?:\.\d+)?) ?(?:ft\b|foot\b|feet\b|')(?!\w)\.?/gi;

/** What is said over a counter before and after the part. */
const ASKING =
  /^(?:(?:can|could|may|i|we|you|get|have|need|want|give|me|please|some|got|any) )+|[ ,]+please[.!]?$/gi;

/** "Nut for M16 stud", "washer to suit M10". */
const FOR_WHAT =
  /(?<=\b(?:nuts?|washers?)\b.*) (?:to (?:suit|fit)|for)(?: an?)? (?=[m#\d])(.*?)(?: (?:bolts?|studs?|screws?))?$/i;

/** "M8x30FT", "UNFx1", "2Ax1.75": words that stand on to a figure or a cross. */
function pulledApart(text: string): string {
  return text
    .replace(ASKING, "")
    .replace(
      /(?<!\w)(?:to|as per|per|acc\.? to) (?=(?:bs|din|iso|en|asme|ansi|astm|jis|sae)(?!\w))/gi,
      "",
    )
    .replace(FOR_WHAT, " $1")
    .replace(/(?<=\d) ?in\.(?=[ ,x-]|$)/gi, "in")
    .replace(/(?<![\w.])(m ?\d\S* ?x ?\d+)(ft|pt)(?![\w/])/gi, "$1 $2")
    .replace(/(?<=\d)(?=(?:unc|unf|unef|bsw|bsf)(?!\w))/gi, " ")
    .replace(/(unc|unf|unef|bsw|bsf|whit|ba|[1-3][ab])x(?= ?[\d.])/gi, "$1 x ");
}

/**
 * A call-out in the one spelling that its readers know: crosses, figures and numbers in words as above; abbreviations
 * written out; metres, feet and "by" in signs; letters that were read for figures put right, where nothing else can be meant.
 * @param taught words that the shop has given a meaning, which stay as they are
 */
export function calloutSpelling(text: string, taught: readonly string[] = []): string {
  const plain = oneSpelling(
    oneSpelling(text.replace(/[‘’′]{2}/g, '"').replace(LISTED, "$1, ")).normalize("NFKC"),
  )
    .replace(CROSSES, "x")
    .replace(MISREAD_COUNT, inFigures)
    .replace(MISREAD, figureRead)
    .replace(/[Øø⌀]/g, " ");
  const figures = lengthLast(numbersInFigures(pulledApart(writtenOut(plain, taught))))
    .replace(/(?<![\w.])(\d{1,2}) point (\d)(?![\w.])/gi, "$1.$2")
    .replace(/^metric (?=\d)/i, "M")
    .replace(/(?<!\w)number (?=\d)/gi, "#")
    .replace(/ by (?=\.?\d|m ?\d|#)/gi, " x ")
    .replace(/(\d)(lh|l\.h\.?)(?!\w)/gi, "$1 LH")
    .replace(/\b(?:st[/. ]?st|s\/(?:steel|stl))\b\.?/gi, "s/s")
    .replace(/(?<=[a-z])\/hd\b/gi, " hd")
    .replace(/(\d)\.(\d+\/\d)/g, "$1-$2")
    .replace(/ - (?=(?:g|rp?|rc) ?\d)/gi, " x ")
    .replace(/(?<!\w)([gr] ?\d[\d/ -]*?) ?gas\b/gi, "$1")
    .replace(/\bbsp ?(taper|parallel)\b/gi, (_, kind: string) =>
      /^t/i.test(kind) ? "bspt" : "bspp",
    )
    .replace(/((?:bspt|npt|(?<!\w)rc? ?\d)(?!\w*[a-z]).*?) taper(?= plug)/gi, "$1")
    .replace(/^8 ?un (\d[\d /-]*?)(?= ?x| [a-z]|$)/i, "$1-8 UN")
    .replace(/^(acme|stub acme) (\d[\d /-]*)/i, "$2 $1 ")
    .replace(/(?<![\w/])(m ?\d+)\/(\d+(?:\.\d+)?)(?=[^\w/]|$)/gi, "$1 x $2")
    .replace(NUMBERED, (size) => `#${size.replace("/", "-")}`)
    .replace(
      /(?<![\w.])(\d+(?:\.\d+)?) ?(?:m(?! ?\d)|m(?= \d{1,2}\.\d(?![\d.]))|mtrs?|met(?:re|er)s?)(?![\w.])/gi,
      (_, m: string) => `${Number(m) * 1000}mm`,
    )
    .replace(FEET, (_, feet: string) => `${Number(feet) * 12}in`)
    .replace(LONG, "$1 ");
  return inReadingOrder(figures).replace(/\s+/g, " ").trim();
}
