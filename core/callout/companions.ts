import { coatAtEnd, saysCoat } from "./coats";

/** What is asked for with a screw, a nut or a plug, apart from it. */
export interface WithCompanions {
  /** What stands before it: the screw. */
  readonly screw: string;
  /** Each nut and washer in its own words, in the order they were written. */
  readonly companions: readonly string[];
}

const NUT = /\bnuts?\b/i;
const WASHER = /\bwashers?\b(?![ -]*(?:face|head))/i;
/** A kind of washer whose word stands only after the next: "flat and spring washers". */
const KIND_ALONE = /^(?:\d{1,3} )?(?:flat|plain|spring|lock|split|serrated|penny)$/i;

const BETWEEN = String.raw`(?:[, ]*(?<!\w)(?:complete with|with|c\/w|and|plus)(?!\w) ?|[, ]*(?<!\w)w\/ ?| ?[&+] ?)`;
/** Where the screw ends: at the first joining word that a nut or a washer follows. */
const START = new RegExp(String.raw`${BETWEEN}(?=[^,]*\b(?:nuts?|washers?)\b)`, "i");
/** "bolt/nut", "bolt, nut and washer": no joining word stands before the first. */
const AFTER_BOLT =
  /(?<=\b(?:bolts?|screws?|studs?)\b(?: ?x ?\d[\d/. -]*| \d[\d/. -]*(?:mm|in|")?)?)(?: ?(?:\/|, ?)| (?=nuts?\b(?:,| and | ?[&+/])))(?=(?:an? |\d{1,3} )?(?:(?!with|and|plus)[a-z-]+ ){0,3}(?:nuts?|washers?)\b)/i;
/** "Nut, washer": what lies under it. */
const AFTER_NUT = /(?<=\bnuts?)(?:, ?|\/)(?=(?:[a-z]+ ){0,2}washers?\b)/i;
/** "M12 x 40 bolt spring washer": a screw with its length, and straight behind it what lies under it. */
const AFTER_SIZED =
  /(?<=\d ?x ?\d[^,]*\b(?<!machine )(?:bolts?|screws?|studs?)) (?=(?:(?:hex|flat|plain|spring|lock|split|penny|thin|half|flange|nylon insert) )*(?:nuts?|washers?)\b)/i;
/** "1/2 x 1 1/2 BSW sq hd sq nut". */
const AFTER_HEAD = /(?<=\d.*\b(?:hd|heads?)) (?=(?:square|sq|hex|hexagon) nuts?\b)/i;
/** "M12x50 8.8 nut and washer": what has a length is a screw, called so or not. */
const AFTER_LENGTH =
  /(?<=^(?:\d{1,5} (?:off|x) )?m ?\d+(?:\.\d+)?(?: ?x ?\d\.\d+)? ?x ?\d{2,3}(?: [^,]*)?) (?=nuts? (?:and|&|\+) )/i;
const STARTS = [START, AFTER_BOLT, AFTER_NUT, AFTER_SIZED, AFTER_HEAD, AFTER_LENGTH];
const SPLIT = new RegExp(String.raw`${BETWEEN}|, ?|(?<=nuts?|washers?)\/`, "gi");

/** So many of the whole, said behind it: "with nuts and washers x 20". */
const SETS =
  /(?<=(?:nuts?|washers?)\b.*) x ?(\d{1,5})(?: ?off)? ?$|(?<=(?:nuts?|washers?)\b.*), ?(\d{1,5}) off? ?$|(?<=(?:nuts?|washers?)) (\d{1,5}) off ?$/i;

const says = (text: string) => NUT.test(text) || WASHER.test(text);

/** Pieces of a list as one companion each: a class or a finish belongs to what stands before it, a kind of washer is one. */
function gathered(pieces: readonly string[]): readonly string[] {
  const companions: string[] = [];
  let waiting = "";
  pieces.forEach((piece, at) => {
    const isKind = KIND_ALONE.test(piece) && pieces.slice(at + 1).some((one) => WASHER.test(one));
    const last = companions.at(-1);
    if (says(piece)) {
      companions.push(`${waiting}${piece}`);
      waiting = "";
    } else if (isKind) companions.push(`${piece} washer`);
    else if (last === undefined) waiting += `${piece} `;
    else companions[companions.length - 1] = `${last}, ${piece}`;
  });
  return companions;
}

/** A class of screws, behind what goes with one. */
const CLASS_BEHIND =
  /[, ]+((?:(?:grade|gr\.?|class|cl\.?) ?)?(?:4\.[68]|5\.[68]|6\.8|[89]\.8|10\.9|12\.9))(?=,| |$)/i;

/** "With nut and washer, 8.8": no nut and no washer has a class of screws; it is the screw's. */
function classedAsScrew({ screw, companions }: WithCompanions): WithCompanions {
  const found = companions.flatMap((one) => CLASS_BEHIND.exec(one)?.[1] ?? []);
  const isNone = found.length !== 1 || CLASS_BEHIND.test(screw) || NUT.test(screw);
  if (isNone) return { screw, companions };
  return {
    screw: `${screw}, ${found[0]}`,
    companions: companions.map((one) => one.replace(CLASS_BEHIND, "")),
  };
}

/** A coat said at the very end, and nowhere before, is on the whole: "bolt, nut and washer, galv". */
function coatedAlike({ screw, companions }: WithCompanions): WithCompanions {
  const before = companions.slice(0, -1);
  const last = companions.slice(-1);
  const coat = coatAtEnd(last[0] ?? "");
  if (coat === undefined || [screw, ...before].some(saysCoat)) return { screw, companions };
  const coated = before.map((one) => `${one}, ${coat}`);
  return { screw: `${screw}, ${coat}`, companions: [...coated, ...last] };
}

/**
 * Parts a call-out into a screw and the nuts and washers asked for with it: "M8 x 40 hex bolt, 8.8 with nut and 2 washers",
 * "M12 x 50 bolt/nut/washer", "1/2-13 x 2 c/w flat and spring washers, zinc".
 * @returns undefined where nothing is asked for with it
 */
export function withCompanions(spelled: string): WithCompanions | undefined {
  const start = STARTS.map((pattern) => pattern.exec(spelled))
    .filter((found) => found !== null)
    .sort((one, other) => one.index - other.index)[0];
  if (start === undefined) return undefined;
  const screw = spelled.slice(0, start.index).replace(/[, ]+$/, "");
  // "Nuts and washers, M10" says nothing of size before it, and a washer takes nothing with it.
  if (screw === "" || WASHER.test(screw)) return undefined;
  if (NUT.test(screw) && !/\d/.test(screw)) return undefined;
  const whole = spelled.slice(start.index + start[0].length);
  const sets = SETS.exec(whole)?.slice(1).find(Boolean);
  const list = whole.replace(SETS, "");
  const pieces = list
    .split(SPLIT)
    .map((piece) => piece.trim())
    .filter((piece) => piece !== "");
  const companions = gathered(pieces);
  if (companions.length === 0) return undefined;
  return coatedAlike(
    classedAsScrew({ screw: sets === undefined ? screw : `${sets} off ${screw}`, companions }),
  );
}
