import type { Remaining } from "./read-words";

const COUNT = String.raw`(?:lengths?(?= of)|places?|plcs?|off|of|pcs?|pieces?|nos?|nr|ea(?:ch)?|sets?|units?)(?![\w/])\.?`;
/** What a thread begins with. */
const THREAD = String.raw`(?:m ?\d|#|\d+\/\d+ ?(?:"|in\b|-|un|bs|whit)|\d+ ?ba\b)`;
const PACK = String.raw`(?:box|pack|packet|pkt|bag|carton)`;

/** A way that a number is written: an example, and how it is found; the figure is the first group, or twelves the second. */
type Form = readonly [example: string, pattern: RegExp];

/** How many, in the forms it is written in; the first that is there counts. */
export const QUANTITY_FORMS: readonly Form[] = [
  // By its own word, and by packs and dozens.
  ["qty 20 M8 x 30", /\(? ?(?:qty|quantity)(?![a-z])[ .:=]*(\d{1,5})(?![\d./]) ?\)?/i],
  [
    "box of 100 M5 x 20",
    new RegExp(String.raw`(?<![\w/])(?:${PACK} ?(?:of|x)?|set of) ?(\d{1,5})(?![\d./])`, "i"),
  ],
  [
    "M8 x 30 100/box",
    new RegExp(String.raw`(?<![\w/])(\d{1,5}) ?(?:per|\/|a) ?${PACK}(?![\w])`, "i"),
  ],
  ["M8 x 30 50 pack", /(?<![\w/.])(\d{2,5})[ -]?(?:pack|pk)(?!\w)/i],
  ["half a dozen M8", /^ ?(?:half|1\/2) (?:a )?dozen(?: of)?(?!\w)/i],
  [
    "2 dozen M8 x 30",
    /(?<![\w/])(?:(\d{1,3}) |an? |one )?dozens?(?![\w/])(?: of)?|(?<![\w/])(\d{1,3}) ?doz(?:en)?(?!\w)\.?/i,
  ],
  // Before the part.
  ["20 off M8 x 30", new RegExp(String.raw`^ ?\(?(\d{1,5}) ?${COUNT}\)?(?: of (?=\w))?`, "i")],
  ["20 x M8 x 30", new RegExp(String.raw`^ ?(\d{1,5}) ?x ?(?=${THREAD})`, "i")],
  [
    "20 x hex bolts M8 x 30",
    /^ ?(\d{1,5}) ?x (?=(?!inch|unc|unf|un|bs|whit|tpi|fine|coarse)[a-z]{3,})/i,
  ],
  [
    "2 stainless hex bolts M8",
    /^ ?(?!30[34]|316)(\d{1,5}) (?=(?:left[ -]?hand(?:ed)?|lh|hex(?:agon)?|zinc|galv\w*|stainless|brass|black|socket|csk|button|pan) (?:[a-z]+ )*m ?\d)/i,
  ],
  ["x4 M8 x 30", /^ ?x ?(\d{1,4}) (?=m ?\d|#)/i],
  ["(4) M8 x 30", /^ ?\((\d{1,5})\)/],
  ["M8 x 30 (x 4)", /[ ,]*\( ?x ?(\d{1,5}) ?\)/i],
  ["20 - 1/2 UNC x 2", /^ ?(\d{1,5}) - (?=\d+\/\d)/],
  ["M8 x 30, need 20", /[ ,-]*(?<![\w/])(?:need|want)(?:ed|s)? (\d{1,5})(?![\d./])/i],
  [
    "20 M8 x 30",
    /^ ?(?!30[34]|316)(\d{1,5})[ \u0001]*(?:[ \u0001]|[-,@] ?)(?=m ?\d|#\d)(?!m[5-7] ?x.*(?:pin|dowel))/i,
  ],
  ["4 nuts M8", /^ ?([1-9]\d?) (?:x )?(?=(?:(?:(?!ba )[a-z]+|2h) )*(?:nuts?|washers?)(?!\w))/i],
  [
    "20 bolts M8 x 30",
    /^ ?(?!30[34]|316)(\d{1,5}) (?=(?:(?:(?!ba )[a-z]+|2h) )*(?:nuts|washers|bolts|screws|studs|pins|dowels|cotters|plugs)(?!\w))/i,
  ],
  // Behind a length that was said and its noun, which is no second length.
  [
    "M8 x 30 hex bolts x 25",
    /(?<=\d ?x ?\d[\d/. -]*[^\d]*\b(?:bolts?|screws?|studs?|heads|caps|grubs|pins|dowels|cotters)(?!\w)(?:[^\d]|\ba[1-5](?:-\d\d)?(?!\w)|\b\d{1,2}\.\d(?!\d))*)(?<!\bm ?\d+(?:\.\d+)? ?x ?[0-6]?(?:\.\d+)? (?:[^\dx]|(?<=[a-z])x)*) x ?(\d{1,5})(?= ?$|,? [a-z]{3,}[^\d]*$)/i,
  ],
  // Behind nuts and washers, which have no length; what stands straight behind a metric size and may be its pitch is that.
  [
    "M8 nuts x 20",
    /(?<!\b(?:coupling|connect(?:or|ing)|extension|joining).*)(?<=(?:nuts?|(?<!(?:penny|repair|fender|mudguard|large) )washers)(?!\w).*) ?(?<![a-z])(?<!\btr ?\d+ ?)(?<!m ?\d+(?:\.\d+)? ?(?=x ?[1-6](?!\d)))x ?(\d{1,5})(?! ?(?:un|bs|whit|n[cf]\b))(?= ?$| +[a-z]{3,})/i,
  ],
  ["M8 nuts, 20", /(?<=(?:nuts|washers)(?!\w).*), ?(\d{1,5}) ?$/i],
  [
    "M8 x 30 bolts, zinc, 20",
    /(?<=\d ?x ?\d[^,]*\b(?:bolts|screws|studs)(?!\w).*), ?(\d{1,5}) ?$/i,
  ],
  ["M8 nuts 2H - 16", /(?<=(?:nuts|washers)(?!\w).*) - (?!1[02] ?$)(\d{2,5}) ?$/i],
  [
    "3/8-16 nuts zinc 100",
    /(?<=nuts(?!\w).*\b(?:zinc|galv|hdg|b?zp|plain|stainless|ss|brass)) (\d{2,5}) ?$/i,
  ],
  [
    "M8 flat washers 100",
    /(?<=(?<!(?:penny|repair|fender|mudguard|large) )washers(?!\w)[^\d]*) (\d{2,5}) ?$/i,
  ],
  [
    "M8 x 20 spring washers",
    / x ?(\d{2,5}) (?=(?:(?!penny|repair|large|fender|mudguard|copper)[a-z]+ )*(?:nuts|washers) ?$)/i,
  ],
  // At the end.
  [
    "M8 x 30 50 pcs",
    new RegExp(String.raw`(?:[ ,-]|(?<![a-z])x)*(?<![\w./])\(?(\d{1,5}) ?${COUNT}\)? ?$`, "i"),
  ],
  ["M8x30 x10pcs", new RegExp(String.raw` ?(?<![a-z])x ?(\d{1,5}) ?${COUNT} ?$`, "i")],
  ["M8 x 30 (50)", / ?\((\d{1,5})\) ?$/],
  [
    "M8 x 30 A2 x 50",
    /(?<=\bm ?\d+(?:\.\d+)?(?: ?x ?[0-6](?:\.\d+)?)? ?x ?\d{2,3}(?:mm)?[ \u0001]+[a-z].*)(?<!\bwashers?\b.*) x ?(\d{1,5}) ?$/i,
  ],
  [
    "M8 x 25 penny washers x 20",
    /(?<=\bm ?\d+(?:\.\d+)? ?x ?\d{2,3}(?:mm)? (?:[a-z]+ )*washers(?!\w).*) x ?(\d{2,5}) ?$/i,
  ],
  ["M10 bolts 50mm x 6", /(?<=\b(?:bolts|screws|studs)\b.*\d ?mm ?) x ?(\d{1,5}) ?$/i],
  [
    "1/4-20 x 1/2 screws pan head 100",
    /(?<=\d ?x ?\d[^,]*\b(?:bolts|screws|studs)(?!\w)[^\d]*) (\d{2,5}) ?$/i,
  ],
  // "Off" and "pieces" say it wherever they stand.
  [
    "M8 20 off hex bolt 30 long",
    /[ ,]*(?<![\w./-]|(?<![a-z])x ?)\(?(\d{1,5}) ?(?:off|pcs?|pieces?|nr|nos?(?!\.? ?\d+(?:-\d+(?![\d/])| ?ba)))(?![\w/])\.?\)?/i,
  ],
  ["M8 x 30 (20) hex bolt", /[ ,]*(?<!(?<![a-z])x ?|\bp ?)\((\d{1,5})\)(?! ?x)/i],
];
const DOZEN = /doz/i;
const HALF = /half|1\/2/i;
const PAIR = /(?<![\w/])(?:an? )?(?:pairs?|couple)(?: of)?(?![\w/])/i;

/** Takes how many are wanted out of a call-out. */
export function takeQuantity(remaining: Remaining): number | undefined {
  for (const [, form] of QUANTITY_FORMS) {
    const found = remaining.take(form);
    if (found === undefined) continue;
    const figure = Number(found[1] ?? found[2] ?? (HALF.test(found[0]) ? 0.5 : 1));
    return DOZEN.test(found[0]) ? 12 * figure : figure;
  }
  return remaining.take(PAIR) === undefined ? undefined : 2;
}
