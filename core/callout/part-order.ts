import { NUMBERED_SIZES } from "./numbered-sizes";

/** The coarsest pitch; what is longer is a length. */
const MOST_PITCH = 6;

const PITCH_AFTER = /(?<![\w/])(?:p|pitch)[ =]*(\d*\.?\d+)(?: ?mm)?(?![\w/])/i;
const PITCH_BEFORE = /(?<![\w.]|\d-)(\d?\.?\d+) ?(?:mm ?)?(?:p|pitch)(?![\w/])/i;
/** What stands beside the word, where it can be a pitch. */
function pitchFound(pattern: RegExp, text: string): RegExpExecArray | undefined {
  const found = pattern.exec(text);
  return found !== null && Number(found[1]) <= MOST_PITCH ? found : undefined;
}

const METRIC_SIZE = /(?<![\w/])m ?\d+(?:\.\d+)?/i;

/** "M10 x 40 pitch 1.25": a pitch said by its name stands beside its size. */
function withPitchBeside(written: string): string {
  const text = /\bnuts?\b/i.test(written) ? metricByUnit(written) : written;
  const size = METRIC_SIZE.exec(text);
  const [before, after] = [PITCH_BEFORE, PITCH_AFTER].map((pattern) => pitchFound(pattern, text));
  const pitch = before ?? after;
  if (size === null || pitch === undefined || /\btr ?\d/i.test(text)) return text;
  const bare = text
    .replace(pitch[0], " ")
    .replace(/(?<![a-z])x\s*(?=x|$|[a-z]{3,})/gi, "")
    .replace(/\s+/g, " ");
  return bare.replace(METRIC_SIZE, `${size[0]} x ${pitch[1]} `).trim();
}

const INCH_SIZE = /(?<![\w/.#-])(#?\d+(?: \d+\/\d+|\/\d+)?)(?:"| ?in(?:ch)?\b)?(?![\w/.-])/;
const TPI = /(?<![\w.])(\d{1,2}(?:\.5)?) ?tpi(?!\w)/i;

/** "5/8 Acme rod 8 tpi": threads per inch said by their name stand beside the size. */
function withTpiBeside(text: string): string {
  const tpi = TPI.exec(text);
  const size = INCH_SIZE.exec(text);
  if (tpi === null || size === null || size.index >= tpi.index) return text;
  const between = text.slice(size.index + size[0].length, tpi.index);
  // Beside it, or after its series, it is read as it stands.
  if (/^[ ,-]*(?:(?:un[cf]?|bs[wf]|whit|acme|x)[ ,-]*)?$/i.test(between)) return text;
  return `${text.slice(0, size.index)}${size[1]}-${tpi[1]}${between}${text.slice(tpi.index + tpi[0].length)}`;
}

const LENGTH_FIRST =
  /(?<![\w/])(m ?\d+(?:\.\d+)?) ?x ?(\d+(?:\.\d+)?) ?x ?(\d(?:\.\d+)?)(?![\w./]| ?(?:off|pcs?|pieces?|nos?|nr|ea(?:ch)?|sets?)\b)/i;

/** "M12 x 50 x 1.75": the pitch after the length, where the middle figure is no pitch. */
function pitchBeforeLength(text: string): string {
  // Of a ring the third figure is how thick it is.
  if (/\bwashers?\b/i.test(text)) return text;
  return text.replace(LENGTH_FIRST, (found, size: string, length: string, pitch: string) =>
    Number(length) > MOST_PITCH && Number(pitch) <= MOST_PITCH
      ? `${size} x ${pitch} x ${length}`
      : found,
  );
}

/** A size in millimetres that stands where a thread should is the metric one: "8 mm hex bolt". */
function metricByUnit(text: string): string {
  const other = /(?<![\w/])m ?\d|#|\d\/\d|\d ?"|\bba\b|\bpins?\b|\bdowels?\b|\bpg ?\d|\btr ?\d/i;
  if (other.test(text)) return text;
  return text.replace(/(?<![\w.])(\d{1,2}(?:\.\d)?) ?mm(?= ?(?:x|,|[a-z]))/i, "M$1");
}

const BARE_SIZE =
  /^([5-9]|\d\d) ?x ?(\d{2,3})(?= [a-z])(?=.*\b(?:bolt|stud)\b)(?!.*(?:\d[/"]|\b(?:un|bs|whit|in\b)))/i;
/** "Screw 2.5 x 12": metric sizes with a decimal, before a length that no inch screw of that size has. */
const BARE_DECIMAL =
  /(?<![\w.#/-]|x ?)(1\.6|2\.5|3\.5) ?x ?(\d{1,3})(?![\w."/]| ?in\b)(?!.*(?:\d"|\b(?:un|bs|whit|pins?|dowels?|nipples?)))/i;
/**
 * "8 x 25 bolt": without a sign, and with what is no thread per inch of a numbered size, both are millimetres. "4 x 12 mm
 * bolts" may be four of them.
 */
function metricBolt(text: string): string {
  const decimal = text.replace(BARE_DECIMAL, "M$1 x $2");
  return decimal.replace(BARE_SIZE, (found, size: string, length: string) =>
    NUMBERED_SIZES.has(`${size} ${length}`) ? found : `M${size} x ${length}`,
  );
}

const NOUNS = [
  ...["screw", "bolt", "eye ?bolt", "nut", "washer", "stud", "pin", "plug"],
  ...["nipple", "elbow", "coupling", "bushing", "tee", "cap", "union", "adapt[eo]r"],
];

const NOUN = new RegExp(String.raw`^(?:(?:${NOUNS.join("|")})s?|bush(?:es)?)$`, "i");

/** "screw, cap, socket, M6": a stock list's noun before what tells it apart, the other way round. */
function inSpokenOrder(text: string): string {
  const [first = "", ...others] = text.split(/, ?/);
  if (!NOUN.test(first.trim())) return text;
  const told = others.findIndex((part) => !/^[a-z -]+$/i.test(part));
  const words = others.slice(0, told < 0 ? others.length : told);
  const rest = others.slice(words.length);
  return [[...words.reverse(), first].join(" "), ...rest].join(", ");
}

/** What tells a nut, a washer, a cap screw or a rod apart, where a stock list writes it behind. */
const TELLS = [
  String.raw`hex(?:agon)?(?: head| hd)?`,
  String.raw`(?:socket|skt|sckt|soc)(?: head| hd)?`,
  String.raw`(?:flat|round|pan|button|csk|oval|truss|cheese)(?: head| hd)?`,
  "heavy",
  "thin",
  "back",
  "half",
  "jam",
  "full",
  "plain",
  String.raw`(?:self[ -])?lock(?:ing)?`,
  String.raw`prev(?:ailing)? torq(?:ue)?`,
  String.raw`nylon(?: insert)?`,
  String.raw`cast(?:le(?:lated)?|ellated)`,
  "slotted",
  "wing",
  "butterfly",
  "domed?",
  "acorn",
  String.raw`connect(?:or|ing)`,
  "extension",
  "long",
  String.raw`all[ -]metal(?: lock(?:ing)?)?`,
  "insert",
  String.raw`(?:square|sq)(?: head| hd)?`,
  "flanged?",
  "serrated",
  "coupling",
  "weld",
  "spring",
  "split",
  "helical",
  "internal",
  "external",
  "toothed",
  "tooth",
  String.raw`(?:extra )?large`,
  "wide",
  "big",
  "repair",
  "mudguard",
  "wedge",
  "bonded(?: seal)?",
  "form [fg]",
  "penny",
  "fender",
  "copper",
  "threaded",
  "fully threaded",
  "star",
  "dowel",
  "cotter",
  "taper",
  "clevis",
].join("|");
const NOUN_FIRST = new RegExp(
  String.raw`(?<=^|[\d"')] |\d [ab] |, |\b(?:unc|unf|bsw|bsf|whit|ba|nptf?|bsp[pt]?) )((?:cap|machine|set) (?:screws?|scrs?)|(?:lock )?(?:nuts?|washers?)|rods?|pins?|(?:pipe )?plugs?)((?:[ ,-]+(?:${TELLS})(?![\w/]))+)(?! (?:nuts?|washers?|screws?|bolts?|pins?|plugs?|point|pt))`,
  "i",
);

/** "Washer M6 flat": what tells it apart behind its size. */
const BEHIND_SIZE = new RegExp(
  String.raw`^(nuts?|washers?) ((?:m ?\d|#|\d)[\d./-]*(?: \d+\/\d+)?(?: x \d\S*)?"?(?: ?(?:un[cf]|bs[wf]|whit|ba))?) ((?:${TELLS})(?: (?:${TELLS}))*)(?![\w/])`,
  "i",
);

/**
 * The noun of a stock list after what tells it apart: "nut, heavy hex, 1/2", "washer lock split M8", "M18 nut thin", "cap
 * screw hex".
 */
function nounLast(text: string): string {
  return text
    .replace(BEHIND_SIZE, "$1 $3 $2")
    .replace(
      NOUN_FIRST,
      (_, noun: string, tells: string) =>
        `${tells.split(/, ?/).reverse().join(" ").trim()} ${noun}`,
    );
}

const FIRST_NOUN =
  "nuts?|washers?|pins?|plugs?|rods?|nipples?|elbows?|bush(?:es|ings?)?|tees?|couplings?|unions?|eye ?bolts?";
const NO_TELLS =
  "for|with|and|to|of|in|long|qty|quantity|off|pcs|tr|pg|rc|rp|no|npsm|npsc|nps|nh|acme|stub|lh|rh|left|right|un[cf]|unef|bs[wfp]|bsp[pt]|whit|ba|nptf?|metric|coarse|fine|thread|class|grade|gr|cl|nuts?|bolts?|screws?|plugs?|pins?|washers?|studs?|rods?|ends?|connectors?|couplers?";
/** "PLUG DRAIN M14", "NIPPLE HEX 3/8 NPT": a stock list's noun, and the words between it and the size. */
const STOCK_FIRST = new RegExp(
  String.raw`^((?:\d{1,5} (?:off |x )?)?)(${FIRST_NOUN})((?: (?!(?:${NO_TELLS})(?!\w))[a-z]{2,})+)(?=,? (?:#|\.?\d|[mgr] ?\d|rc ?\d|rp ?\d))`,
  "i",
);

function stockNounLast(text: string): string {
  return text.replace(
    STOCK_FIRST,
    (_, count: string, noun: string, tells: string) => `${count}${tells.trim()} ${noun}`,
  );
}

/** In this order: what stands beside the size before what hangs on it, the noun of a list last. */
const STEPS = [
  withPitchBeside,
  withTpiBeside,
  metricByUnit,
  metricBolt,
  pitchBeforeLength,
  nounLast,
  stockNounLast,
  inSpokenOrder,
];

/** The parts of a call-out in the order that it is read in: size, pitch, length; what tells a part apart before its noun. */
export function inReadingOrder(text: string): string {
  return STEPS.reduce((written, step) => step(written), text);
}
