import type { Remaining } from "./read-words";

const COUNT = String.raw`(?:lengths?(?= of)|places?|plcs?|off|of|pcs?|pieces?|nos?|nr|ea(?:ch)?|sets?|units?)(?![\w/])\.?`;
/** What a thread begins with. */
const THREAD = String.raw`(?:m ?\d|#|\d+\/\d+ ?(?:"|in\b|-|un|bs|whit)|\d+ ?ba\b)`;
const PACK = String.raw`(?:box|pack|packet|pkt|bag|carton)`;

/** How many, in the forms it is written in; the figure is the first group, or twelves the second. */
const FORMS: readonly RegExp[] = [
  /\(? ?(?:qty|quantity)(?![a-z])[ .:=]*(\d{1,5})(?![\d./]) ?\)?/i,
  new RegExp(String.raw`(?<![\w/])(?:${PACK} ?(?:of|x)?|set of) ?(\d{1,5})(?![\d./])`, "i"),
  new RegExp(String.raw`(?<![\w/])(\d{1,5}) ?(?:per|\/|a) ?${PACK}(?![\w])`, "i"),
  /(?<![\w/.])(\d{2,5})[ -]?(?:pack|pk)(?!\w)/i,
  /^ ?(?:half|1\/2) (?:a )?dozen(?: of)?(?!\w)/i,
  /(?<![\w/])(?:(\d{1,3}) |an? |one )?dozens?(?![\w/])(?: of)?|(?<![\w/])(\d{1,3}) ?doz(?:en)?(?!\w)\.?/i,
  new RegExp(String.raw`^ ?\(?(\d{1,5}) ?${COUNT}\)?(?: of (?=\w))?`, "i"),
  new RegExp(String.raw`^ ?(\d{1,5}) ?x ?(?=${THREAD})`, "i"),
  /^ ?(\d{1,5}) ?x (?=(?!inch|unc|unf|un|bs|whit|tpi|fine|coarse)[a-z]{3,})/i,
  /^ ?(?!30[34]|316)(\d{1,5}) (?=(?:left[ -]?hand(?:ed)?|lh|hex(?:agon)?|zinc|galv\w*|stainless|brass|black|socket|csk|button|pan) (?:[a-z]+ )*m ?\d)/i,
  /^ ?x ?(\d{1,4}) (?=m ?\d|#)/i,
  /^ ?\((\d{1,5})\)/,
  /[ ,]*\( ?x ?(\d{1,5}) ?\)/i,
  /^ ?(\d{1,5}) - (?=\d+\/\d)/,
  /[ ,-]*(?<![\w/])(?:need|want)(?:ed|s)? (\d{1,5})(?![\d./])/i,
  /^ ?(?!30[34]|316)(\d{1,5}) ?(?: |[-,@] ?)(?=m ?\d|#\d)(?!m[5-7] ?x.*(?:pin|dowel))/i,
  /^ ?([1-9]\d?) (?:x )?(?=(?:(?:(?!ba )[a-z]+|2h) )*(?:nuts?|washers?)(?!\w))/i,
  /^ ?(?!30[34]|316)(\d{1,5}) (?=(?:(?:(?!ba )[a-z]+|2h) )*(?:nuts|washers|bolts|screws|studs|pins|dowels|cotters|plugs)(?!\w))/i,
  // What stands behind a length that was said, and its noun, is no second one.
  /(?<=\d ?x ?\d[\d/. -]*[^\d]*\b(?:bolts?|screws?|studs?|heads|caps|grubs|pins|dowels|cotters)(?!\w)(?:[^\d]|\ba[1-5](?:-\d\d)?(?!\w)|\b\d{1,2}\.\d(?!\d))*)(?<!\bm ?\d+(?:\.\d+)? ?x ?[0-6]?(?:\.\d+)? (?:[^\dx]|(?<=[a-z])x)*) x ?(\d{1,5})(?= ?$|,? [a-z]{3,}[^\d]*$)/i,
  // Nuts and washers have no length; what stands straight behind a metric size and may be its pitch is that.
  /(?<!\b(?:coupling|connect(?:or|ing)|extension|joining).*)(?<=(?:nuts?|(?<!(?:penny|repair|fender|mudguard|large) )washers)(?!\w).*) ?(?<![a-z])(?<!\btr ?\d+ ?)(?<!m ?\d+(?:\.\d+)? ?(?=x ?[1-6](?!\d)))x ?(\d{1,5})(?! ?(?:un|bs|whit|n[cf]\b))(?= ?$| +[a-z]{3,})/i,
  /(?<=(?:nuts|washers)(?!\w).*), ?(\d{1,5}) ?$/i,
  /(?<=\d ?x ?\d[^,]*\b(?:bolts|screws|studs)(?!\w).*), ?(\d{1,5}) ?$/i,
  /(?<=(?:nuts|washers)(?!\w).*) - (?!1[02] ?$)(\d{2,5}) ?$/i,
  /(?<=nuts(?!\w).*\b(?:zinc|galv|hdg|b?zp|plain|stainless|ss|brass)) (\d{2,5}) ?$/i,
  /(?<=(?<!(?:penny|repair|fender|mudguard|large) )washers(?!\w)[^\d]*) (\d{2,5}) ?$/i,
  / x ?(\d{2,5}) (?=(?:(?!penny|repair|large|fender|mudguard|copper)[a-z]+ )*(?:nuts|washers) ?$)/i,
  new RegExp(String.raw`(?:[ ,-]|(?<![a-z])x)*(?<![\w./])\(?(\d{1,5}) ?${COUNT}\)? ?$`, "i"),
  new RegExp(String.raw` ?(?<![a-z])x ?(\d{1,5}) ?${COUNT} ?$`, "i"),
  / ?\((\d{1,5})\) ?$/,
  /(?<=\bm ?\d+(?:\.\d+)?(?: ?x ?[0-6](?:\.\d+)?)? ?x ?\d{2,3}(?:mm)?[ \u0001]+[a-z].*) x ?(\d{1,5}) ?$/i,
  /(?<=\b(?:bolts|screws|studs)\b.*\d ?mm ?) x ?(\d{1,5}) ?$/i,
  /(?<=\d ?x ?\d[^,]*\b(?:bolts|screws|studs)(?!\w)[^\d]*) (\d{2,5}) ?$/i,
  // "Off" and "pieces" say it wherever they stand.
  /[ ,]*(?<![\w./-]|(?<![a-z])x ?)\(?(\d{1,5}) ?(?:off|pcs?|pieces?|nr|nos?(?!\.? ?\d+(?:-\d+(?![\d/])| ?ba)))(?![\w/])\.?\)?/i,
  /[ ,]*(?<!(?<![a-z])x ?|\bp ?)\((\d{1,5})\)(?! ?x)/i,
];
const DOZEN = /doz/i;
const HALF = /half|1\/2/i;
const PAIR = /(?<![\w/])(?:an? )?(?:pairs?|couple)(?: of)?(?![\w/])/i;

/** Takes how many are wanted out of a call-out. */
export function takeQuantity(remaining: Remaining): number | undefined {
  for (const form of FORMS) {
    const found = remaining.take(form);
    if (found === undefined) continue;
    const figure = Number(found[1] ?? found[2] ?? (HALF.test(found[0]) ? 0.5 : 1));
    return DOZEN.test(found[0]) ? 12 * figure : figure;
  }
  return remaining.take(PAIR) === undefined ? undefined : 2;
}
