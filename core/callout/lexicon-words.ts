import { NUT_CLASSES } from "../catalogue/grades";
import type { Finish } from "../catalogue/looks";
import { TAPER_PINS } from "./taper-pins";
import type { ClassNamed, Meaning, Row } from "./meaning";

const finish = (means: Finish): Meaning => ({ role: "finish", finish: means });
const NOTHING: Meaning = { role: "nothing" };

const PLATED = "plated|coated|passivated|clear|pass|electroplated";

/** What a part is coated with or made of. */
export const FINISH_ROWS: readonly Row[] = [
  [
    "M8 nut galv",
    ["hot|spun|hd? dip|dipped? galvanised", "hot dip|dipped", "hdg", "tzn"],
    finish("galvanised"),
  ],
  [
    "M8 nut zinc yellow",
    [
      "zinc and|&? yellow plated|passivated? plated|passivated?",
      "yellow zinc plated?",
      "yellow|gold passivated",
      "zinc? dichromate|bichromate",
      "yellow",
      "zy|zyp|yz|yzp",
      "a ~1|2|3|4|5|6|7|8|9 ~c|g|l",
    ],
    finish("zinc-yellow"),
  ],
  ["M8 nut zinc flake", ["zinc flake"], finish("zinc-flake")],
  [
    "M8 nut BZP",
    [
      `bright|blue|clear|electro? bright|blue|clear|electro? zinc and|&? ${PLATED}? and|&? ${PLATED}?`,
      "electro galvanised",
      "bzp|ebzp|zp|ezp",
      "a ~1|2|3|4|5|6|7|8|9 ~a|b|e|f|j|k|p",
    ],
    finish("zinc"),
  ],
  ["M8 nut nickel", ["nickel plated?"], finish("nickel")],
  [
    "M8 nut stainless",
    ["stainless steel?", "s/s|ss|inox|cres|s/steel|s/stl|st/st", "st steel", "astm? f ~593|594"],
    finish("stainless"),
  ],
  ["2BA nut brass", ["brass"], finish("brass")],
  ["M8 nut aluminium", ["aluminium", "alloy aluminium", "dural"], finish("aluminium")],
  ["M8 nut titanium", ["titanium"], finish("titanium")],
  ["M8 nut plastic", ["plastic|polyamide", "pa ~6|66"], finish("plastic")],
  // Before a size the word may be of the metal, or of what locks it.
  ["nylon M8 nut", ["^ nylon"], ({ next }) => (next === "m" ? finish("plastic") : undefined)],
  ["M8 nut cadmium", ["cad|cadmium plated?"], finish("cadmium")],
  ["M8 nut phosphate", ["phosphate and? oil|oiled?"], finish("phosphate")],
  [
    "M8 nut black",
    [
      "plain|bright|unplated|uncoated|unfinished",
      "plain finish",
      "no finish|plating|coating",
      "chemically? black|blackened|blued ox|oxide?",
      "self color",
      "s/c|s/col",
    ],
    finish("plain"),
  ],
];

const named = (how: ClassNamed): Meaning => ({ role: "class", named: how });
const nutClass = (id: string | undefined): Meaning => named({ by: "name", id });
const WORD = "class|grade";

/** Stainless steels by their American numbers, and the ISO steel of each. */
const steelOf = (words: readonly string[]): string => {
  const text = words.join("");
  return /316|marine/.test(text) ? "A4" : text.includes("303") ? "A1" : "A2";
};

/** The strengths of stainless nuts that are held: "50", "70", "80". */
const STRENGTHS = NUT_CLASSES.flatMap(({ id }) => /^nut-stainless-(\d+)$/.exec(id)?.[1] ?? []).join(
  "|",
);

/** The strength classes of nuts. */
export const NUT_CLASS_ROWS: readonly Row[] = [
  [
    "3/4-10 nut A563 DH",
    ["astm? a ~563 grade? a|b|c|d|dh", "grade? dh"],
    ({ words }) => nutClass(`nut-a563-${words.at(-1) ?? ""}`),
  ],
  ["3/4-10 nut 2H", [`astm? a ~194 ${WORD}? 2 ~h`, `${WORD}? 2 ~h`], nutClass("nut-a194-2h")],
  ["M12 thin nut 04", [`${WORD}? 04|05`], ({ words }) => nutClass(`nut-${words.at(-1) ?? ""}`)],
  [
    "M8 nut A4-80",
    [`${WORD}? a|c ~1|2|3|4|5 ${STRENGTHS}?`],
    ({ words }) => {
      const [letter = "", figure = "", strength] = words.filter((one) =>
        /^(?:[ac]|\d+)$/.test(one),
      );
      const steel = `${letter}${figure}`.toUpperCase();
      return named({ by: "steel", steel, ...(strength === undefined ? {} : { strength }) });
    },
  ],
  [
    "M8 nut stainless 70",
    [`stainless ${STRENGTHS}`],
    ({ words }) => named({ by: "steel", strength: words.at(-1) ?? "" }),
  ],
  [
    "304 hex nut M12",
    [
      "aisi|ss? 303|304|316 ~l? s/s|ss|stainless|grade? steel?",
      "18 8 s/s|ss|stainless|grade? steel?",
      "marine grade stainless?",
    ],
    ({ words }) => named({ by: "steel", steel: steelOf(words) }),
  ],
  [
    "M8 nut class 8",
    [`sae? ${WORD} N`, "sae j ~429|995 grade? N", "sae N", "g ~2|5|8"],
    ({ words, figures }) => {
      const word = words.includes("class") ? "class" : "grade";
      return named({ by: "figure", figure: figures[0] ?? words.at(-1) ?? "", word });
    },
  ],
  ["1/2 nut grade C", ["grade a|b|c|r|s|t|v|x"], nutClass(undefined)],
  // Classes of screws are none of nuts.
  [
    "M16 nut grade 8.8",
    [`strength|${WORD}? 4.6|4.8|5.6|5.8|6.8|8.8|9.8|10.9|12.9 ${WORD}?`],
    nutClass(undefined),
  ],
  ["M10 nut 8", ["N"], ({ figures }) => bareClass(figures[0] ?? ""), 0.5],
];

const CLASS_FIGURES: ReadonlySet<string> = new Set(
  NUT_CLASSES.flatMap(({ id }) => /^nut-(?:sae-)?(\d+)$/.exec(id)?.[1] ?? []),
);

function bareClass(figure: string): Meaning | undefined {
  return CLASS_FIGURES.has(figure) ? named({ by: "figure", figure, word: "none" }) : undefined;
}

/** Words that part, and words that say nothing which is not known by then. */
export const OTHER_ROWS: readonly Row[] = [
  ["M8 nut and washer", ["complete? with|and|plus|&|+ a|an?"], { role: "with" }],
  ["washer to suit M10 bolt", ["for|suit|fit a|an?", "to suit|fit a|an?"], { role: "for" }],
  ["M8 LH nut", ["lh", "left hand|handed? thread|threaded?"], { role: "left-hand" }],
  ["M8 nut 6H", ["N ~h|g"], { role: "tolerance" }],
  ["1/2 UNC-2B nut", ["1|2|3 ~a|b"], { role: "tolerance" }],
  ["1/2-10 Acme 2G nut", ["2|3|4|5|6 ~g"], { role: "tolerance" }],
  [
    "M8 washer 200 HV",
    ["N hv"],
    ({ figures }) => ({ role: "hardness", vickers: Number(figures[0]) }),
  ],
  [
    "M8 washer HV 200",
    ["hv N"],
    ({ figures }) => ({ role: "hardness", vickers: Number(figures[0]) }),
  ],
  [
    "M8 washer 2 mm thick",
    ["x? D mm? thick|thk"],
    ({ figures }) => ({ role: "thickness", mm: Number(figures[0]) }),
  ],
  ["M8 washer 25 mm OD", ["od|o/d", "outside dia|diameter?"], NOTHING],
  ["M10 nut pitch 1.25", ["p|pitch D mm?"], ({ figures }) => pitch(figures[0] ?? "")],
  ["M10 nut 1.25 pitch", ["D mm? p|pitch"], ({ figures }) => pitch(figures[0] ?? "")],
  [
    "1/2 nut 20 tpi",
    ["N tpi", "N thread per|to|an the? in"],
    ({ figures }) => ({ role: "tpi", figure: figures[0] ?? "" }),
  ],
  [
    "M8 fine pitch nut",
    ["fine|coarse pitch|thread"],
    ({ words }) => ({ role: "thread", written: words[0] ?? "" }),
  ],
  ["1/2 BSP taper plug", ["bsp taper"], { role: "thread", written: "bspt" }],
  ["1/2 BSP parallel plug", ["bsp parallel"], { role: "thread", written: "bspp" }],
  [
    "10 m6 x 50 dowel pin",
    ["m|h ~5|6|7|8|9|11"],
    ({ words }) => ({ role: "fit", fit: words.join("") }),
    0.1,
  ],
  ["no 4 x 2 taper pin", ["no|# N", "2|3|4|5|6|7 / ~0"], ({ words }) => taperPin(words), 0.2],
  ["M8 extra fine nut", ["extra fine"], { role: "thread", written: "fine" }],
  ["3/8-26 brass thread nut", ["brass thread"], { role: "thread", written: "brass" }],
  ["3/8 square thread nut", ["square thread"], { role: "thread", written: "square" }],
  ["3/8 standard thread nut", ["standard|regular|normal thread|pitch"], NOTHING],
  ["M8 right hand nut", ["rh", "right hand|handed? thread|threaded?"], NOTHING],
  [
    "please supply M8 nut",
    [
      "alloy|carbon? steel",
      "alloy",
      "standard|new|replacement|spare|spares|matching|finish|size|type|dia|diameter|nominal|nom|thread|the|st|head",
      "trapezoidal|long|lg|length|please|supply|get|have|need|want|some|any|order|quote|send|ordered",
      "can|could|i|we|you|me|give",
    ],
    NOTHING,
  ],
  ["M8 nut of steel", ["of|off|a|an"], NOTHING, 0.3],
  ["M8 nut to DIN 934", ["to", "as? per"], NOTHING],
  ["nut for M16 stud", ["bolt|stud|screw $"], NOTHING, 0.5],
];

/** A taper pin by the number of its large end: "no 4", "#7", "2/0". */
function taperPin(words: readonly string[]): Meaning | undefined {
  const inches = TAPER_PINS[words.join("").replace(/^(?:no|#)\.?/, "")];
  return inches === undefined ? undefined : { role: "pin-number", inches };
}

function pitch(figure: string): Meaning | undefined {
  return Number(figure) <= 8 ? { role: "pitch", figure } : undefined;
}

/** Parts of other trades, of which no table is held. */
export const NOT_HELD_ROWS: readonly Row[] = [
  [
    "M6 cage nut",
    [
      "cage|gland|barrel|ring|eye|thumb|knurled|slot|clip|rivet nut",
      "lifting eye nut",
      "t slot nut",
      "square weld nut",
      "spark|sparking|glow plug",
      "wavy|wavey|wave|curved|conical|cup|taper|tapered|nylon|fibre|fiber|rubber|leather|tab|belleville washer",
      "disc spring washer",
      "square plate? washer",
      "cable gland|glands",
    ],
    { role: "not-held" },
  ],
];
