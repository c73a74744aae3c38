/** Words of stock lists that are cut short, and what each stands for. */
const ABBREVIATIONS: Readonly<Record<string, string>> = {
  scr: "screw",
  scrs: "screws",
  scrw: "screw",
  dbl: "double",
  scrws: "screws",
  blt: "bolt",
  blts: "bolts",
  wshr: "washer",
  wshrs: "washers",
  mach: "machine",
  lht: "LH",
  shc: "socket head cap",
  flg: "flange",
  flt: "flat",
  pnh: "pan head",
  rnd: "round",
  rd: "round",
  but: "button",
  hx: "hex",
  hh: "hex head",
  carr: "carriage",
  backnut: "back nut",
  backnuts: "back nuts",
  caphead: "cap head",
  hexagonal: "hexagon",
  cp: "cap",
  hvy: "heavy",
  thrd: "threaded",
  thd: "threaded",
  serr: "serrated",
  pln: "plain",
  gal: "galvanised",
  reqd: "off",
  required: "off",
  nyl: "nylon",
  ext: "external",
  int: "internal",
  stl: "steel",
  aly: "alloy",
  sst: "stainless",
  plt: "plated",
  pltd: "plated",
  galvd: "galvanised",
  phos: "phosphate",
  capscrew: "cap screw",
  capscr: "cap screw",
  fil: "fillister",
  mc: "machine",
  spr: "spring",
  sprg: "spring",
  thr: "threaded",
  htb: "HT bolt",
  shld: "shoulder",
  shldr: "shoulder",
  struct: "structural",
  sect: "section",
  sltd: "slotted",
  xrec: "cross recess",
  cplg: "coupling",
  cop: "copper",
  flathead: "flat head",
  panhead: "pan head",
  roundhead: "round head",
  buttonhead: "button head",
  hexhead: "hex head",
  sockethead: "socket head",
  capscrews: "cap screws",
  setscrew: "set screw",
  setscrews: "set screws",
  locknut: "lock nut",
  locknuts: "lock nuts",
  lockwasher: "lock washer",
  lockwashers: "lock washers",
  studbolt: "stud bolt",
  studbolts: "stud bolts",
  pphms: "cross pan head machine screw",
  lhshcs: "low socket cap screw",
  clr: "clear",
  pfhms: "cross flat head machine screw",
};

const WORD = /(?<![\w/])[a-z]{2,}(?![\w/])\.?/gi;
/** "c/sunk", "c/sk", "c'sunk". */
const ROD = /(?<![\w/])t[/ ]rod(?![\w/])/gi;
const HEX_HEAD = /(?<![\w/])h\/h(?![\w/])/gi;
const SUNK = /(?<![\w/])c[/'](?:sunk|sk|sink)(?![\w/])\.?/gi;

/** "PH MS": only before a machine screw do the letters tell a head, since PH is a drive too. */
/** "Th'd rod". */
const THREADED = /(?<!\w)t'?hr?'d(?!\w)\.?/gi;
/** "Split lk washer": locked or locking, before or behind the noun of a washer or a nut. */
const LOCK =
  /(?<!\w)lk(?= (?:washers?|nuts?)\b)|(?<=\b(?:washers?|nuts?|wshrs?|split) (?:[a-z]+ )?)lk(?!\w)/gi;
/** "Bush red 1/2 x 1/4". */
const REDUCING =
  /(?<=\b(?:bush(?:es|ings?)?|nipples?|elbows?|tees?|sockets?|couplings?)[ ,]+)red(?!\w)|(?<!\w)red(?= (?:bush|nipple|elbow|tee|socket|coupling))/gi;
const SHORT_HEAD =
  /(?<![\w/])([a-z])h(?= ms(?![\w/]))|(?<=\b(?:mach(?:ine)?|m\/c)\.? (?:screws? |scrs? )?)([frot])h(?![\w/])/gi;
const SHORT_HEADS: Readonly<Record<string, string>> = {
  p: "pan head",
  f: "flat head",
  r: "round head",
  o: "oval head",
  t: "truss head",
};

/** "Pan MS": behind a head the letters are no mild steel. */
const MACHINE_SCREW =
  /(?<=(?:pan|round|flat|csk|oval|truss|fillister)(?: hd| head)?) ms(?![\w/])/gi;

/**
 * Writes the abbreviations of stock lists out.
 * @param kept words that the shop has taught a meaning of its own
 */
export function writtenOut(text: string, kept: readonly string[]): string {
  const taught = new Set(kept.map((word) => word.toLowerCase()));
  const whole = (word: string) => {
    const bare = word.replace(/\.$/, "").toLowerCase();
    return taught.has(bare) ? word : (ABBREVIATIONS[bare] ?? word);
  };
  return text
    .replace(SUNK, "csk")
    .replace(HEX_HEAD, "hex head")
    .replace(ROD, "threaded rod")
    .replace(THREADED, "threaded")
    .replace(LOCK, "lock")
    .replace(REDUCING, "reducing")
    .replace(
      SHORT_HEAD,
      (letters, first: string, other: string) =>
        SHORT_HEADS[(first ?? other).toLowerCase()] ?? letters,
    )
    .replace(WORD, whole)
    .replace(MACHINE_SCREW, " machine screw");
}
