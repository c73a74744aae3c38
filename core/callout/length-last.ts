import { SHORTEST_BY_DIAMETER, usualNumbered } from "./numbered-sizes";

const UNIT = String.raw`(?:mm(?: long)?|long|lg|m(?:trs?|ts?|et(?:re|er)s?)?)`;
/** What a figure may be of besides a length: a width, a hole, a thickness. */
const OF_OTHERS = String.raw`(?: ?(?:af|a\/f|o\.?d\.?|i\.?d\.?|dia\w*|thick|wide|reach|shank|spanner|pitch|mm)(?!\w)|(?<=mm) (?:heads?|hd)(?!\w))`;
/** "35 mm M8 socket cap", "1m studding 8.8 M10": the length of a metric screw or rod, what stands between, and the size. */
const METRIC_LENGTH = new RegExp(
  String.raw`(?<![\w./-]|(?<![a-z])x ?|(?:pack|box) (?:of )?)(\d{1,4}(?:\.\d+)?) ?(${UNIT})(?![\w/])(?!${OF_OTHERS})[ ,]+(.*?)(?<![\w/])(m ?\d+(?:\.\d+)?(?: ?x ?\d?\.?\d+(?![\d/.]| ?mm)|-\d\.\d+)?(?:-\d[efgh](?:\d[efgh])?)?)(?![\w.]| ?x ?[\d.]| ?- ?\d)(?! ?\d{1,3} ?(?:mm|long|lg)(?!\w))`,
  "i",
);
/** What has no length of its own, or another behind its size. */
const NO_SCREW = /\b(?:pins?|dowels?|tr ?\d)\b/i;

const INCH = String.raw`(?:"|'{2}| ?in(?:ch(?:es)?)?(?!\w))`;
/** A figure behind these is no length. */
const COUNTS = String.raw`(?:gr\.?|grade|class|cl\.?|qty[.:=]?|quantity[.:=]?)`;
const FIGURE = String.raw`\d+[ -]\d+\/\d+|(?<!(?<!${COUNTS} ?\d*)\d[ -])\d+\/\d+|\d*\.\d+|\d+`;
const SERIES = String.raw`(?:unc|unf|unef|nc|nf|bsw|bsf|whit(?:worth)?|ba)(?!\w)`;
const SIZE = String.raw`(?:\d+[ -]\d+\/\d+|\d+\/\d+|#?\d+)(?:${INCH})?(?:-\d{1,2}(?: ?${SERIES})?(?![\w/])| ?${SERIES})`;
/** '2" long 1/2 UNC bolt', "1 1/2 in hex 3/8 BSF": a length that says so, what stands between, and a size with its series. */
const INCH_SAID = new RegExp(
  String.raw`(?<![\w./#-]|(?<![a-z])x ?|${COUNTS} ?)(${FIGURE}) ?(?:${INCH}(?: ?(?:long|lg))?|(?:long|lg))(?![\w/-])(?! ?(?:${SERIES}|x|thick|o\.?d|af|a\/f|dia|heads?|hd|npt|bsp|long|lg)(?!\w))[ ,]+((?:(?! x |\d ?x ?\d).)*?)(?<![\w/.-]|(?:grade|gr\.?|class|cl\.?) ?)(${SIZE})(?! ?x ?[\d.])`,
  "i",
);
/** "3/4, pan head, 10-32": a fraction before a size that only threads have. */
const BEFORE_NUMBERED = new RegExp(
  String.raw`(?<![\w./#-]|(?<![a-z])x ?|\d )(\d+\/\d+|\d+[ -]\d+\/\d+)[ ,]+((?:(?:[a-z]+|\d+ (?:off|pcs?|no))[ ,.]+)*)#?(${usualNumbered("-")}(?: un[cf])?)(?![\w/-]| ?x)`,
  "i",
);
const WORDS_BETWEEN = String.raw`((?:(?:(?!x[ ,])[a-z]+|(?:grade|gr|class) ?\d|\d+ (?:off|pcs?|no))[ ,.]+)*)`;
/** 'UNC, 2" long, 1/2"': the figure that is said to be long. */
const LONG_SAID = new RegExp(
  String.raw`(?<![\w./#-]|(?<![a-z])x ?|${COUNTS} ?)(${FIGURE}) ?${INCH}? ?(?:long|lg)[ ,]+${WORDS_BETWEEN}(?<!(?:grade|gr\.?|class|cl\.?) ?)(\d+\/\d+"?)(?![\w/-]| ?x)`,
  "i",
);
/** "1-1/4, hex, 7/16 UNF": a mixed number before a size less than it is no size. */
const MIXED_BEFORE = new RegExp(
  String.raw`(?<![\w./#-]|(?<![a-z])x ?)(\d+-\d+\/\d+)[ ,]+${WORDS_BETWEEN}(\d+\/\d+"? ?${SERIES})(?! ?x ?[\d.])`,
  "i",
);
/** "2-1/2 x 3/8 UNC bolt", "1 1/2 x 1/4-20": the series or the threads per inch stand beside the size, behind the length. */
const INCH_LENGTH = new RegExp(
  String.raw`^(\d+[ -]\d+\/\d+|\d+\/\d+|\d*\.\d+|\d+(?=${INCH}))${INCH}? ?x ?(\d+\/\d+)"?( ?${SERIES}|-\d+(?: ${SERIES})?(?![\w/]))(?! ?x ?[\d.]) ?(.*)$`,
  "i",
);

const inInches = (text: string) =>
  text.split(/[ -]/).reduce((sum, part) => {
    const [over = "", under = "1"] = part.split("/");
    return sum + Number(over) / Number(under);
  }, 0);

function metricLast(text: string): string {
  if (NO_SCREW.test(text)) return text;
  return text.replace(
    METRIC_LENGTH,
    (_, length: string, unit: string, between: string, size: string) =>
      `${between}${size} x ${length}${/^m(?!m)/i.test(unit) ? "m" : "mm"}`,
  );
}

function inchesLast(text: string): string {
  if (NO_SCREW.test(text)) return text;
  return text
    .replace(INCH_SAID, "$2$3 x $1in ")
    .replace(BEFORE_NUMBERED, "$2#$3 x $1in ")
    .replace(LONG_SAID, "$2$3 x $1in ")
    .replace(MIXED_BEFORE, "$2$3 x $1in ")
    .replace(INCH_LENGTH, (found, length: string, size: string, series: string, rest: string) =>
      inInches(size) < SHORTEST_BY_DIAMETER * inInches(length) || series.startsWith("-")
        ? `${size}${series} x ${length}in ${rest}`.trim()
        : found,
    );
}

/** A length that stands before the size, behind it. */
export function lengthLast(text: string): string {
  return inchesLast(metricLast(text)).trim();
}
