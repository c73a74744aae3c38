import type { Rule } from "./rewritten";

/** What is said over a counter before and after the part. */
const ASKING =
  /^(?:(?:can|could|may|i|we|you|get|have|need|want|give|me|please|some|got|any|supply|quote|order|send|find|looking|for|require|us|to|would|like|after) )+|[ ,]+please[.!]?$/gi;

/** A set screw of the counter, with a hexagon, where a length stands before the word; not so many sets. */
const SET_BEHIND =
  /^((?:m ?\d+(?: ?x ?\d(?:\.\d+)?)?|#?\d[\d/ -]*)"?(?: ?(?:unc|unf|bsw|bsf|whit))? ?x ?\d[\d/. -]*(?:mm|"|in)?(?: ?(?:unc|unf|bsw|bsf|whit))?) sets?(?= ?(?:$|[,&+]|c\/w|with|and|zinc|b?zp|galv|hdg|plain|bright|black|ss|stainless))(?!.*\b(?:socket|grub|headless|point)\b)/i;
/** Made in a grade or a steel, not so many inches. */
const MADE_IN =
  / in (?=(?:grade|gr|class|cl|high|mild|plain|bright|black|zinc|galv|hot|hdg|b?zp|stainless|ss|s\/s|steel|brass|alloy|a[1-5]|\d{1,2}\.\d)(?![\w]))/gi;
const FOR_WHAT =
  /(?<=\b(?:nuts?|washers?)\b.*) (?:to (?:suit|fit)|for)(?: an?)? (?=[m#\d])(.*?)(?: (?:bolts?|studs?|screws?))?$/i;

/** Hole and outside of a ring that seals are millimetres, where they can be both. */
const COPPER_RING =
  /(?<![\w.#/-])(?=(\d{1,2}) ?x ?(\d{1,2})(?: ?x ?[\d.]+)?(?: ?mm)? copper washers?\b)|(?<=\bcopper washers? )(?=(\d{1,2}) ?x ?(\d{1,2})(?![\d/"]))/gi;
const MOST_OF_RING = 2.2;

function metricRing(_: string, ...sizes: string[]): string {
  const [hole = 0, outside = 0] = sizes.slice(0, 4).filter(Boolean).map(Number);
  const times = outside / hole;
  return times > 1 && times <= MOST_OF_RING ? "M" : "";
}

/** Series by their letters, their whole names and their usual names. */
const SERIES_WORDS: readonly Rule[] = [
  [
    "B.S.F.",
    /(?<![\w.])(?:u\.n\.[cf]|n\.[cf]|b\.s\.[wfp]|b\.s\.p\.[pt])\.?(?![\w.])/gi,
    (letters) => letters.replaceAll(".", ""),
  ],
  ["British Standard Fine", /\bbritish standard fine\b/gi, "BSF"],
  ["British Standard Whitworth", /\bbritish standard whitworth\b/gi, "BSW"],
  ["British Standard Pipe", /\bbritish standard pipe\b/gi, "BSP"],
  ["British Standard Cycle", /\bbritish standard cycle\b/gi, "cycle"],
  ["British Association", /\bbritish association\b/gi, "BA"],
  ["3/8 Whitworth x 1", /\bwhitworth\b/gi, "BSW"],
  [
    "Acme screw 1-5",
    /^(acme|stub acme) (screws?|rods?|nuts?|threads?) (\d[\d/"]*(?:-\d+)?)/i,
    "$3 $1 $2",
  ],
  ["trapezoidal nut Tr 20 x 4", /\btrapezoidal(?: thread(?:ed)?)? (?=.*\btr ?\d)/gi, ""],
  ["1/2 BSC", /(?<!\w)bsc(?!\w)/gi, "cycle"],
  ["M10 extra fine", /(?<=\bm ?\d.*)\bextra[ -]?fine\b/gi, "fine"],
  ["1/4 extra fine", /\bextra[ -]?fine\b/gi, "UNEF"],
  ["7/8 UNF x 3 gr 8 fine thread", /(?<=\b(?:unf|unef)\b.*) fine\b(?: thread)?/gi, ""],
  ["3/8 UNC gr 5 coarse", /(?<=\bunc\b.*) coarse\b(?: thread)?/gi, ""],
  ["1/2 UNC coarse", /(?<=(?:unc|unf|unef)(?: ?x ?[\d/." -]+)?) (?:coarse|fine)(?!\w)/gi, ""],
  [
    "coarse thread",
    /\b(coarse|fine|std|standard|regular|normal) (?:thread|pitch)\b/gi,
    (_, word: string) => (/coarse|fine/i.test(word) ? word : ""),
  ],
  [
    "1/2 x 13 UNC",
    /(?<![\w/.-])((?:\d+[ -])?\d+\/\d+)"? ?x ?(1[1-9]|[2-9]\d) ?(?=(?:unc|unf|unef|bsw|bsf)(?!\w))/gi,
    "$1-$2 ",
  ],
  ["1/2UNC", /(?<=\d)(?=(?:unc|unf|unef|bsw|bsf)(?!\w))/gi, " "],
  ["UNFx1", /(unc|unf|unef|bsw|bsf|whit|ba|[1-3][ab])x(?= ?[\d.])/gi, "$1 x "],
];

/** Figures that stand on to a word or a cross, or are said in other words. */
const FIGURES: readonly Rule[] = [
  ["2 ins", /(?<=\d) ?ins\b\.?/gi, "in"],
  ["2 in. x", /(?<=\d) ?in\.(?=[ ,x-]|$)/gi, "in"],
  ["M8x30FT", /(?<![\w.])(m ?\d\S* ?x ?\d+)(ft|pt)(?![\w/])/gi, "$1 $2"],
  ["6gx30", /(?<=\d[egh])x(?=\d)/gi, " x "],
  ["40 in length", /(?<=\d ?(?:mm|"|in)?) in length\b/gi, " long"],
  ["dia 10 x 40", /^dia(?:meter)?\.? ?(?=\d{1,2} ?x)/i, "M"],
  ["10 dia x 40", /^(\d{1,2}) ?dia(?:meter)?\.?(?= )(?!.*\b(?:pins?|dowels?)\b)/i, "M$1"],
  ["1 / 2", /(?<=\d) \/ ?(?=\d)|(?<=\d)\/ (?=\d)/g, "/"],
  ["M8x25/8.8", /(?<=\d)\/(?=(?:4\.[68]|5\.[68]|6\.8|[89]\.8|1[02]\.9)(?![\d.]))/g, " "],
  ["25mm8.8", /(?<=\dmm)(?=\d)/gi, " "],
  ["M8.x25", /(?<=\bm ?\d+)\.(?= ?x)/gi, ""],
  ["x 25 hex bolt length 25", /(?<=x ?)(\d+)( .*?),? (?:length|long|lg|l ?=?) ?\1(?!\d)/gi, "$1$2"],
  ["an inch BSP", /^(?:an )?inch (?=(?:bsp[pt]?|un[cf]|bs[wf]|whit|npt)(?!\w))/i, '1" '],
  ["14 x 20 copper washer", COPPER_RING, metricRing],
];

/** What is said over a counter, in the words of a call-out. */
export const COUNTER_WORDS: readonly Rule[] = [
  ["please supply", ASKING, ""],
  [
    "as per DIN 933",
    /(?<!\w)(?:to|as per|per|acc\.? to) (?=(?:bs|din|iso|en|asme|ansi|astm|jis|sae)(?!\w))/gi,
    "",
  ],
  ["washer to suit M10 bolt", FOR_WHAT, " $1"],
  [
    "set screw with a cup point",
    / with (?:an? )?(?=\w)(?!.*\b(?:nuts?|washers?|pins?|seals?|keys?|clips?|rings?)\b)/gi,
    " ",
  ],
  ["24 threads per inch", /(?<=\d ?)threads? (?:per|to the|an) inch\b/gi, "tpi"],
  [
    "BA screw, number 4",
    /^ba (screws?|nuts?|bolts?|washers?),? (?:number |no\.? ?|#)?(\d{1,2})(?!\d)/i,
    "$2 BA $1",
  ],
  [
    "six 7/16 UNF",
    /^(two|three|four|five|six|seven|eight|nine|ten|twelve|sixteen|twenty),? (?=\d+\/\d+)/i,
    "$1 off ",
  ],
  ["heads in 8.8", MADE_IN, " "],
  ["M12 x 40 set", SET_BEHIND, "$1 hex set screw"],
  [
    "M8 sets 25 long",
    /^(m ?\d+(?:\.\d+)?|\d[\d/ -]*(?:unc|unf|bsw|bsf|whit)) sets? (?=\d)/i,
    "$1 hex set screw ",
  ],
  ["M4x6 set, hex socket", /(?<=\d ?)set,? (?=(?:hex )?socket)/gi, "set screw "],
  ["2 BA x 1/2 r/h", /(?<![\w/])r\/h(?:d)?(?![\w/])(?! ?(?:threads?|nuts?)\b)/gi, "round head"],
  ["internal hex", /\binternal hex(?:agon)?\b(?! (?:drive|socket))/gi, "hex socket"],
  ["pennies", /\bpennies\b/gi, "penny washers"],
  ["bonded seal", /(?<!washers? )\bbonded seals?\b(?! ?washers?)/gi, "bonded seal washer"],
  [
    "nuts and washers M10",
    /^(\d+ (?:off |x )?)?nuts? (?:and|&|\+) (?:flat )?washers?[, ]+(?:for )?(m ?\d.*)$/i,
    "$1$2 nut and washer",
  ],
  ["M5 x 16 pan x/rec", /(?<![\w/])x[/-]?rec(?![\w/])/gi, "cross recess"],
  ["h/t bolt", /(?<![\w/])h\/t(?![\w/])/gi, "HT"],
  ["plain/black", /\bplain\/black\b/gi, "plain"],
  ["ch r hd", /(?<![\w/])r hd(?![\w/])/gi, "round head"],
  ["galv'd", /(?<=galv)'d\b/gi, ""],
  ["S.S.", /(?<![\w.])s\.s\.?(?![\w.])/gi, "ss"],
  ["'R' bolt", /'([rstvx])'/gi, "grade $1"],
  ...SERIES_WORDS,
  ...FIGURES,
];
