import type { Rule } from "./rewritten";

/** What is said over a counter before and after the part. */
const ASKING =
  /^(?:(?:can|could|may|i|we|you|get|have|need|want|give|me|please|some|got|any) )+|[ ,]+please[.!]?$/gi;

/** "M12 x 40 set": a set screw of the counter, with a hexagon, where a length stands before the word; not so many sets. */
const SET_BEHIND =
  /^((?:m ?\d+(?: ?x ?\d(?:\.\d+)?)?|#?\d[\d/ -]*)"?(?: ?(?:unc|unf|bsw|bsf|whit))? ?x ?\d[\d/. -]*(?:mm|"|in)?(?: ?(?:unc|unf|bsw|bsf|whit))?) sets?(?= ?(?:$|[,&+]|c\/w|with|and))(?!.*\b(?:socket|grub|headless|point)\b)/i;
/** "Hex heads in 8.8", "in stainless": no inches. */
const MADE_IN =
  / in (?=(?:grade|gr|class|cl|high|mild|plain|bright|black|zinc|galv|hot|hdg|b?zp|stainless|ss|s\/s|steel|brass|alloy|a[1-5]|\d{1,2}\.\d)(?![\w]))/gi;
/** "U.N.C.", "B.S.F.": the letters of a series, each with its dot. */
const DOTTED = /(?<![\w.])(?:u\.n\.[cf]|n\.[cf]|b\.s\.[wfp]|b\.s\.p\.[pt])\.?(?![\w.])/gi;
/** Series by their whole names. */
const WHOLE_NAMES: readonly Rule[] = [
  [/\bbritish standard fine\b/gi, "BSF"],
  [/\bbritish standard whitworth\b/gi, "BSW"],
  [/\bbritish standard pipe\b/gi, "BSP"],
  [/\bbritish standard cycle\b/gi, "cycle"],
  [/\bbritish association\b/gi, "BA"],
];

/** What joins two rods is a nut. */
const JOINS_RODS = /\b(?:threaded )?rod (?:connector|coupler|coupling)(?: nut)?(s?)\b/gi;
/** "Nut for M16 stud", "washer to suit M10". */
const FOR_WHAT =
  /(?<=\b(?:nuts?|washers?)\b.*) (?:to (?:suit|fit)|for)(?: an?)? (?=[m#\d])(.*?)(?: (?:bolts?|studs?|screws?))?$/i;

/** "14 x 20 x 1.5 copper washer": hole and outside of a ring that seals are millimetres. */
const COPPER_RING =
  /(?<![\w.#/-])(?=(\d{1,2}) ?x ?(\d{1,2})(?: ?x ?[\d.]+)?(?: ?mm)? copper washers?\b)|(?<=\bcopper washers? )(?=(\d{1,2}) ?x ?(\d{1,2})(?![\d/"]))/gi;
const MOST_OF_RING = 2.2;

/** What is said over a counter in the words of a call-out; and words that stand on to a figure or a cross, apart: "M8x30FT", "UNFx1". */
export const COUNTER_WORDS: readonly Rule[] = [
  [ASKING, ""],
  [/(?<!\w)(?:to|as per|per|acc\.? to) (?=(?:bs|din|iso|en|asme|ansi|astm|jis|sae)(?!\w))/gi, ""],
  [FOR_WHAT, " $1"],
  [MADE_IN, " "],
  [SET_BEHIND, "$1 hex set screw"],
  [DOTTED, (letters) => letters.replaceAll(".", "")],
  ...WHOLE_NAMES,
  [/(?<=(?:unc|unf|unef)(?: ?x ?[\d/." -]+)?) (?:coarse|fine)(?!\w)/gi, ""],
  [/(?<=\d) ?ins\b\.?/gi, "in"],
  [
    COPPER_RING,
    (_, hole: string, outside: string, hole2: string, outside2: string) => {
      const times = Number(outside || outside2) / Number(hole || hole2);
      return times > 1 && times <= MOST_OF_RING ? "M" : "";
    },
  ],
  [JOINS_RODS, "coupling nut$1"],
  [/\binternal hex(?:agon)?\b(?! (?:drive|socket))/gi, "hex socket"],
  [/(?<=\d) ?in\.(?=[ ,x-]|$)/gi, "in"],
  [/(?<![\w.])(m ?\d\S* ?x ?\d+)(ft|pt)(?![\w/])/gi, "$1 $2"],
  [/(?<=\d[egh])x(?=\d)/gi, " x "],
  [/(?<=galv)'d\b/gi, ""],
  [/(?<=\d ?(?:mm|"|in)?) in length\b/gi, " long"],
  [
    /\b(coarse|fine|std|standard|regular|normal) (?:thread|pitch)\b/gi,
    (_, word: string) => (/coarse|fine/i.test(word) ? word : ""),
  ],
  [/^dia(?:meter)?\.? ?(?=\d{1,2} ?x)/i, "M"],
  [
    /(?<!\w)(din ?(?:125|127|9021))[ -]*([a-d]) ?(?=(?!1[3579]|2[135]|31|37)\d+(?![\d.]))/gi,
    "$1 $2 M",
  ],
  [/(?<!\w)bsc(?!\w)/gi, "cycle"],
  [/(?<![\w.])s\.s\.?(?![\w.])/gi, "ss"],
  [/(?<=\d ?)set,? (?=(?:hex )?socket)/gi, "set screw "],
  [/(?<=x ?)(\d+)( .*?),? (?:length|long|lg|l ?=?) ?\1(?!\d)/gi, "$1$2"],
  [
    /^(\d+ (?:off |x )?)?nuts? (?:and|&|\+) (?:flat )?washers?[, ]+(?:for )?(m ?\d.*)$/i,
    "$1$2 nut and washer",
  ],
  [/(?<=\bm ?\d.*)\bextra[ -]?fine\b/gi, "fine"],
  [/\bextra[ -]?fine\b/gi, "UNEF"],
  [/^(?=.*\bstuds?\b)(.*\bb7) ?\/ ?2h\b(.*)$/i, "$1$2 with 2 nuts 2h"],
  [/(?<=\d) \/ ?(?=\d)|(?<=\d)\/ (?=\d)/g, "/"],
  [/(?<=\d)\/(?=(?:4\.[68]|5\.[68]|6\.8|[89]\.8|1[02]\.9)(?![\d.]))/g, " "],
  [/(?<=\dmm)(?=\d)/gi, " "],
  [/(?<=\bm ?\d+)\.(?= ?x)/gi, ""],
  [/^(\d{1,2}) ?dia(?:meter)?\.?(?= )(?!.*\b(?:pins?|dowels?)\b)/i, "M$1"],
  [
    /^(.*\bbolts?) (?:and|&|\+) nuts? (m ?\d\S*(?: x \d+)?(?: \d{1,2}\.\d)?) ?(.*)$/i,
    "$1 $2 with nut, $3",
  ],
  [/(?<![\w/])r\/h(?:d)?(?![\w/])(?! ?(?:threads?|nuts?)\b)/gi, "round head"],
  [/(?<!washers? )\bbonded seals?\b(?! ?washers?)/gi, "bonded seal washer"],
  [/(?<=\bnyl(?:on)? )ins\b\.?/gi, "insert"],
  [/\bfin(?:ish(?:ed)?)?\.? (?=hex)/gi, ""],
  [/'([rstvx])'/gi, "grade $1"],
  [/(?<=\b(?:bsp[pt]?|npt|g ?\d[\d/ ]*|pg ?\d[\d.]*) )lock ?(?=nuts?\b)/gi, "back "],
  [/(?<!\w)((?:din|iso) ?\d+)-(0[45]|[568]|1[02]) (?=m ?\d)/gi, "$1 class $2 "],
  [/(?<=\d)(?=(?:unc|unf|unef|bsw|bsf)(?!\w))/gi, " "],
  [/(unc|unf|unef|bsw|bsf|whit|ba|[1-3][ab])x(?= ?[\d.])/gi, "$1 x "],
];
