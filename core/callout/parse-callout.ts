import { MOST_LETTERS } from "../measure";
import { withCompanions } from "./companions";
import type { CalloutProblem, FastenerSpec } from "./fastener-spec";
import { readMarks } from "./read-marks";
import { ownMeaning, type OwnWord } from "./own-words";
import { startOf, type Pieces } from "./pieces";
import { readFitting } from "./read-fitting";
import { readNut } from "./read-nut";
import { readPin, readPlug } from "./read-pin";
import { readScrew } from "./read-screw";
import { withWashers } from "./read-together";
import { readWasher } from "./read-washer";
import { calloutSpelling } from "./spelling";
import { studEnds } from "./stud-ends";
import { twoMetals } from "./two-metals";

/** Fittings of pipes; bolts, nuts and the nipples of grease guns are called by some of their words too. */
const FITTINGS =
  /\b(?:nipples?|elbows?|tees?|coupl(?:ings?|ers?)|unions?|bush(?:es|ings?)?|(?:pipe|end|blanking) ?caps?|adapt[eo]rs?)\b/i;
const NO_FITTING = /\b(?:bolts?|screws?|nuts?|washers?|studs?|grease|bleed(?:er)?|plugs?|pins?)\b/i;
/** "G 1/2 cap": what goes over the end of a pipe. */
const PIPE_CAP =
  /^caps?(?= .*(?<!\w)(?:bsp[pt]?|npt|ght|nh))|(?<!\w)(?:(?:g|r|rc|rp) ?\d[\d/ ]*|bsp[pt]?|npt|npsm|ght|nh)(?!\w).*\bcaps?\b/i;
/** "1/4 BSPT male to M12 x 1.5 male": two ends are a fitting, called so or not. */
const TWO_ENDS = /\b(?:fe)?male\b.*(?: x | to ).*\b(?:fe)?male\b/i;
/** "1/2 BSP socket": what joins two pipes; a plug or a screw has a socket for a key. */
const PIPE_SOCKET =
  /^(?=.*(?<!\w)(?:(?:g|r|rc|rp) ?\d|(?:bsp[pt]?|npt|npsm)(?!\w)))(?=.*\bsockets?\b)(?!.*\b(?:plugs?|caps?|heads?|hd|set|grub|screws?)\b)/i;

const SAYS = {
  // These standards are of nuts alone.
  nut: /nuts?\b|\b(?:a194|a563|f594)\b/i,
  washer: /\bwashers?\b(?![ -]*(?:face|heads?|hd)\b)|\bbonded seals?\b/i,
  pin: /\b(?:pins?|dowels?|cotters?|clevis)\b/i,
  plug: /\bplugs?\b/i,
} as const;

/** "Castle nut with split pin": the pin goes through a nut, and is asked back. */
const PIN_OF_NUT = /\bnuts?\b.*(?:\bwith|\band|\bc\/w|[&+]) .*\bpins?\b/i;

/** Bolts that are bent, built in or drilled through, and nuts, washers and fittings of other trades. */
const OF_OTHER_TRADES =
  /\b(?:(?:[uj]|hook|foundation|holding[ -]*down|plou?gh|plow|ring|collar|anchor|expansion|banjo)[ -]*bolts?|^(?:\d+ (?:off |x )?)?hd bolts?|(?:chemical|resin) (?:anchors?|studs?)|(?:bleed(?:er)?|grease)[ -]*(?:screws?|nipples?|fittings?)|(?:cage|square[ -]*weld|gland|barrel|ring|(?:lifting )?eye|thumb|knurled|slot)[ -]*nuts?|cable glands?|hose ?tails?|compression fittings?|(?:spark(?:ing)?|glow) plugs?|(?:wav[ey]y?|curved|conical|cup|taper(?:ed)?|square(?: plate)?|nylon|fib(?:re|er)|rubber|leather|tab|belleville|disc spring) washers?|concrete screws?)\b/i;
/** Screws that cut a thread of their own, and what has none. */
const NOT_HELD =
  /\b(?:lag bolts?|^lags?\b|lags?$|(?:wood|coach|lag|self[ -]?(?:tap(?:ping|per)?|drill(?:ing|er)?)|drywall|chipboard|deck(?:ing)?|timber|sheet[ -]?metal)[ -]*screws?|(?:self[ -]?)?tappers?|rivets?(?:[ -]?nuts?)?|nails?|(?:(?:wire|helical|thread(?:ed)?) )+inserts?|(?<!plugs?\b.*)o[ -]?rings?(?! plugs?)|(?<!\b(?:bolts?|screws?)\b.*)(?:parallel |feather )?(?:keys?|key ?(?:stock|steel))(?!.*\b(?:bolts?|screws?))|(?:[er][ -]?)?clips?|(?:retaining|snap) rings?)\b/i;

/** The kind of part by its own word, else by the shop's word or the standard that was written. */
function partOf(spelled: string, { standards, own }: Pieces): FastenerSpec["part"] {
  const ofPipes = [FITTINGS, PIPE_CAP, PIPE_SOCKET, TWO_ENDS].some((pattern) =>
    pattern.test(spelled),
  );
  if (ofPipes && !NO_FITTING.test(spelled)) return "fitting";
  if (SAYS.pin.test(spelled) && !PIN_OF_NUT.test(spelled)) return "pin";
  if (SAYS.plug.test(spelled)) return "plug";
  // A nut that comes with a washer is a nut; the washer is asked back.
  if (SAYS.nut.test(spelled) || ownMeaning(own, "nut") !== undefined) return "nut";
  if (SAYS.washer.test(spelled) || ownMeaning(own, "washer") !== undefined) return "washer";
  const defined = standards.map(({ means }) => means?.part).find((part) => part !== "any");
  return defined ?? "screw";
}

/**
 * Reads what shops and drawings write for a part: "7/16-14 x 2-1/4 gr 5 zinc", "M8x30 12.9 socket cap", "10 off M10 x
 * 1.25 x 40 LH hex bolt, 8.8, zinc", "DIN 985 M6 A2", "five eighths by 11 by 3", in any order of its words. A length
 * without a unit is in the thread's own. Nothing written is dropped: a word or figure that has no place in the part is a
 * problem.
 * @param words the shop's own words, where it has taught any
 * @returns what is asked for, or what was not understood of it
 */
export function parseCallout(
  text: string,
  words: readonly OwnWord[] = [],
): FastenerSpec | CalloutProblem {
  const read = text.trim();
  if (read === "") return { code: "callout-empty", read };
  if (read.length > MOST_LETTERS) {
    return { code: "callout-too-long", letters: read.length, most: MOST_LETTERS };
  }
  const byMarks = readMarks(read, words);
  if (byMarks !== undefined) return byMarks;
  const spelled = calloutSpelling(
    read,
    words.map(({ word }) => word),
  );
  const ends = studEnds(spelled);
  const whole = ends?.rest ?? spelled;
  const parted = withCompanions(whole);
  const asked = parted?.screw ?? whole;
  const notHeld = (NOT_HELD.exec(asked) ?? OF_OTHER_TRADES.exec(asked))?.[0];
  if (notHeld !== undefined) return { code: "callout-not-held", read, part: notHeld };
  const metals = twoMetals(asked);
  if (metals !== undefined) return { code: "callout-two-metals", read, metals };
  const pieces = { ...startOf(asked, words), read };
  const ofOthers = pieces.standards.find(({ notHeld }) => notHeld !== undefined)?.notHeld;
  if (ofOthers !== undefined) return { code: "callout-not-held", read, part: ofOthers };
  const together = (parted?.companions ?? []).map((text) => startOf(text, words));
  const part = partOf(asked, pieces);
  if (part === "screw") return readScrew(pieces, together, ends);
  const alone = readAlone(part, pieces);
  return parted === undefined ? alone : withWashers(alone, together, read);
}

/** Reads a part that no nut goes with. */
function readAlone(
  part: Exclude<FastenerSpec["part"], "screw">,
  pieces: Pieces,
): FastenerSpec | CalloutProblem {
  switch (part) {
    case "nut":
      return readNut(pieces);
    case "washer":
      return readWasher(pieces);
    case "pin":
      return readPin(pieces);
    case "plug":
      return readPlug(pieces);
    case "fitting":
      return readFitting(pieces);
  }
}
