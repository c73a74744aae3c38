import type { Rule } from "./rewritten";

/** How stock lists and drawings say a part, in the words of a call-out. */
export const LIST_WORDS: readonly Rule[] = [
  ["item 3: M8x25", /^(?:item|pos)\.? ?\d{1,3}[:.) -]+/i, ""],
  ["hex/8.8/zinc", /(?<=[a-z]{3})\/(?=\d{1,2}\.\d)|(?<=\d\.\d)\/(?=[a-z]{3})/gi, " "],
  // What joins two rods is a nut.
  [
    "threaded rod connector",
    /\b(?:threaded )?rod (?:connector|coupler|coupling)(?: nut)?(s?)\b/gi,
    "coupling nut$1",
  ],
  [
    "DIN 125 A 10",
    /(?<!\w)(din ?(?:125|127|9021))[ -]*([a-d]) ?(?=(?!1[3579]|2[135]|31|37)\d+(?![\d.]))/gi,
    "$1 $2 M",
  ],
  ["DIN 934-8 M10", /(?<!\w)((?:din|iso) ?\d+)-(0[45]|[568]|1[02]) (?=m ?\d)/gi, "$1 class $2 "],
  ["stud B7/2H", /^(?=.*\bstuds?\b)(.*\bb7) ?\/ ?2h\b(.*)$/i, "$1$2 with 2 nuts 2h"],
  [
    "cup sq bolt & nut M10x100 HDG",
    /^(.*\bbolts?) (?:and|&|\+) nuts? (m ?\d\S*(?: x \d+)?(?: \d{1,2}\.\d)?) ?(.*)$/i,
    "$1 $2 with nut, $3",
  ],
  ["cup sq hex bolt & nut", /\bcup (?:sq|square) hex\b(?=.*\bnuts?\b)/gi, "cup square"],
  [
    "M12x150 cup sq hex HDG",
    /(?<=\d.*)\bcup (?:sq|square) hex(?: bolts?)?\b(?!.*(?:\bnuts?\b|\d))/i,
    "cup square with nut",
  ],
  ["bolt eye", /^(?:bolts?) (eye|tap|lag|hook|anchor|foundation|plough|plow)(?!\w)/i, "$1 bolt"],
  [
    "screw wood",
    /^(?:screws?) (lag|wood|self[ -]?(?:tap(?:ping)?|drill(?:ing)?)|coach|drywall|deck|sheet metal)(?!\w)/i,
    "$1 screw",
  ],
  [
    "screw, cap hex head",
    /^screws?,? cap,? hex(?:agon)?(?: head| hd)?(?!\w)/i,
    "hex head cap screw",
  ],
  [
    "lock nut M12 nylon",
    /\block ?nuts?\b(?! nylon)(.*?)\bnylon(?: insert)?\b(?! (?:lock|insert|nuts?))/i,
    "nylon lock nut$1",
  ],
  ["nyl ins", /(?<=\bnyl(?:on)? )ins\b\.?/gi, "insert"],
  ["fin hex", /\bfin(?:ish(?:ed)?)?\.? (?=hex)/gi, ""],
  [
    "1/2 BSP lock nut",
    /(?<=\b(?:bsp[pt]?|npt|g ?\d[\d/ ]*|pg ?\d[\d.]*) )lock ?(?=nuts?\b)/gi,
    "back ",
  ],
];
