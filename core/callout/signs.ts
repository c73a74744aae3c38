import { usualNumbered } from "./numbered-sizes";
import type { Rule } from "./rewritten";

/** "10x32": no length, and no metric size without its letter. */
const NUMBERED_CROSSED = new RegExp(
  String.raw`^(?:#|no\.? ?)?(${usualNumbered(" ?x ?")})(?=$|,? ?x ?[\d.]|,? [\d.]|,? (?:un|n)[cf]\b|,? (?:nuts?|screws?)\b)(?!.*(?:\bpins?\b|\bdowels?\b|mm\b))`,
  "i",
);
/** Sizes that are fractions nobody writes unreduced: "10/32" is #10-32. */
const NUMBERED = new RegExp(
  String.raw`(?<![\w/.-])(?:no\.? ?)?(${usualNumbered("/")})(?![\w/]|"| ?in\b)`,
  "gi",
);
/** "40 long", "40 lg": the word says nothing that the place of the figure does not. */
const LONG = /(?<![a-wyz])(\d ?(?:mm|in|")?) ?(?:lg|lgth|long|l)(?!\.?h\b|[\w/=])\.?/gi;
/** Feet of rod; after a screw's length the same letters say that it is threaded to its head. */
const FEET =
  /(?<=\b(?:rod|bar|thread|studding)\b.*)(?<![\w.])(\d+(?:\.\d+)?) ?(?:ft\b|foot\b|feet\b|')(?!\w)\.?/gi;
/** Over a counter a millimetre is a mil: "ten mil bolt". */
const MIL = /(?<=(?<![\w.])\d{1,2}) ?mils?\b(?! ?spec)/gi;

/** Figures, signs and units in words, in figures and signs. */
export const SIGNS: readonly Rule[] = [
  ["10 point 5", /(?<![\w.])(\d{1,2}) point (\d)(?![\w.])/gi, "$1.$2"],
  ["1-inch", /(?<=\d)-(?=inch\b)/gi, " "],
  ["10 mil", MIL, "mm"],
  ["em 10", /^metric (?=\d)|(?<!\w)em (?=\d)/gi, "M"],
  ["number 10", /(?<!\w)number (?=\d)/gi, "#"],
  ["M10 by 40", / by (?=\.?\d|m ?\d|#)/gi, " x "],
  ["M10LH", /(\d)(lh|l\.h\.?)(?!\w)/gi, "$1 LH"],
  ["s/steel", /\b(?:st[/. ]?st|st\.? ?steel|s\/(?:steel|stl))\b\.?/gi, "s/s"],
  ["pan/hd", /(?<=[a-z])\/hd\b/gi, " hd"],
  ["1.1/2", /(\d)\.(\d+\/\d)(?!\d*\.\d)/g, "$1-$2"],
  [
    "M16x1.5 - G1/4",
    / - (?=(?:g|rp?|rc) ?\d)|(?<=(?<!\w)(?:g|rp?|rc) ?\d[\d/ ]*) - (?=m ?\d)/gi,
    " x ",
  ],
  ["NPT-F", /(?<!\w)npt-f(?!\w)/gi, "nptf"],
  ["G 1/2 gas", /(?<!\w)([gr] ?\d[\d/ -]*?) ?gas\b/gi, "$1"],
  [
    "BSP taper",
    /\bbsp ?(taper|parallel)\b/gi,
    (_, kind: string) => (/^t/i.test(kind) ? "bspt" : "bspp"),
  ],
  ["1/2 BSPT taper plug", /((?:bspt|npt|(?<!\w)rc? ?\d)(?!\w*[a-z]).*?) taper(?= plug)/gi, "$1"],
  ["8 UN 1 1/4", /^8 ?un (\d[\d /-]*?)(?= ?x| [a-z]|$)/i, "$1-8 UN"],
  ["Acme 1", /^(acme|stub acme) (\d[\d /-]*)/i, "$2 $1 "],
  ["M10/40", /(?<![\w/])(m ?\d+)\/(\d+(?:\.\d+)?)(?=[^\w/]|$)/gi, "$1 x $2"],
  ["10/32", NUMBERED, (_, size: string) => `#${size.replace("/", "-")}`],
  ["10x32", NUMBERED_CROSSED, (_, size: string) => `#${size.replace(/ ?x ?/i, "-")}`],
  ["G1/4A", /(?<!\w)(g ?\d[\d/ -]*?)[ -]?([ab])(?!\w)/gi, "$1 $2"],
  ["G8.8", /(?<![\w/])g(?=(?:8|10|12)\.[89](?![\d.]))/gi, ""],
  [
    "1 metre",
    /(?<![\w.])(\d+(?:\.\d+)?) ?(?:m(?! ?\d|\/)|m(?= \d{1,2}\.\d(?![\d.]))|mtrs?|mts?|met(?:re|er)s?)(?![\w.])/gi,
    (_, m: string) => `${Number(m) * 1000}mm`,
  ],
  [
    "M10x1m",
    /(\dx)(\d+(?:\.\d+)?)m(?:trs?|ts?|et(?:re|er)s?)?(?![\w.])/gi,
    (_, x: string, m: string) => `${x}${Number(m) * 1000}mm`,
  ],
  ["threaded rod 3 ft", FEET, (_, feet: string) => `${Number(feet) * 12}in`],
  ["40 lg", LONG, "$1 "],
];
