import { goesByInches } from "../catalogue/heads";
import {
  isPipeThread,
  lookUpThread,
  type DesignationReading,
  type Thread,
} from "../catalogue/threads";
import { readLength, roundTo, type Mm } from "../measure";
import { SHORTEST_BY_DIAMETER } from "./numbered-sizes";

/** The thread and length that are left of a call-out when its words are out. */
export type ThreadAndLength =
  | {
      readonly kind: "found";
      readonly thread: Thread;
      readonly toleranceClass?: string;
      /** What stands after the thread, as it was written: a length, or of a nut its class. */
      readonly after: string;
      readonly lengthMm?: Mm;
    }
  | { readonly kind: "length-unreadable"; readonly length: string }
  | Exclude<DesignationReading, { kind: "found" }>;

/** A series said anywhere belongs to the thread: "1/2 x 2 UNC". */
const SERIES =
  /(?<![\w/])(unc|unf|unef|nc|nf|nef|bsw|bsf|whit(?:worth)?|cycle|cei|coarse|fine|gas|lh|l\.h\.?|left[\s-]*hand(?:ed)?)(?![\w/])/gi;
/** "3/8-16 BSW 3/4": without its series, 16 and 3/4 would run together. */
const FRACTION_BEHIND = /(-\d+"?) (unc|unf|unef|nc|nf|bsw|bsf|whit)[ ,]+(?=\d+\/\d+)/gi;
/** "1/4 x 20 x 1": an inch size, and after a cross what may be its threads per inch. */
const CROSSED =
  /^((?:#|no\.? ?)?[\d/. -]*\d(?:"| ?in(?:ch)?)?) ?x ?(\d{1,2}(?:\.5)?)(?: ?x ?(.+))?$/i;
/** Threads per inch that are no length: screws of whole inches are stocked to a foot. */
const LEAST_TPI = 13;
const LENGTHS = { minMm: 0.5, maxMm: 3000 };

/** The longest designation has so many places where it may be parted: "1 1/2 - 6 - UN x 2", "Tr 40 x 14 ( P 7 )". */
const MOST_PARTINGS = 8;

/** Looks a name up; a bare figure names no thread of a pipe, even where only a pipe has that size. */
function withoutBarePipes(lookUp: (name: string) => DesignationReading) {
  return (name: string): DesignationReading => {
    const reading = lookUp(name);
    const bare = reading.kind === "found" && /^[\d ./x-]+$/i.test(name);
    return bare && isPipeThread(reading.thread)
      ? { kind: "problem", problem: { code: "designation-unreadable", read: name } }
      : reading;
  };
}

interface Split {
  readonly left: string;
  readonly right: string;
}

/** The ways to part a text at a cross, a dash or a space, the longest thread first; a cross before the others. */
function splits(text: string): Split[] {
  const at = (pattern: RegExp) =>
    [...text.matchAll(pattern)]
      .slice(0, MOST_PARTINGS)
      .reverse()
      .map(({ index, 0: sign }) => ({
        left: text.slice(0, index).trim(),
        right: text.slice(index + sign.length).trim(),
      }))
      .filter(({ left, right }) => left !== "" && right !== "");
  return [{ left: text, right: "" }, ...at(/ ?x ?/gi), ...at(/ ?- ?/g), ...at(/ +/g)];
}

/** "20/30" is no fraction of an inch, nor is "60/32", a length and how much of it is threaded. */
function isNoFraction(text: string): boolean {
  const [, over, under] = /(\d+)? ?\/ ?(\d+)?/.exec(text) ?? [];
  return (
    under !== undefined && (!/^(?:2|4|8|16|32|64)$/.test(under) || Number(over) > Number(under))
  );
}

function lengthOf(text: string, thread: Thread): Mm | undefined {
  if (isNoFraction(text)) return undefined;
  const figure = text.replace(/^l ?=? ?/i, "");
  const read = readLength(figure, goesByInches(thread) ? "in" : "mm", LENGTHS);
  if (!read.ok) return undefined;
  const unitSaid = figure !== text || /[a-z"]/i.test(figure);
  const tooShort = read.mm < SHORTEST_BY_DIAMETER * thread.majorMm;
  // "M12-1.4" is a pitch that is not held, not a screw 1.4 mm long.
  return thread.family === "iso-metric" && tooShort && !unitSaid ? undefined : roundTo(read.mm, 6);
}

/** The text without the series and the hand, and those, wherever they stood. */
function said(text: string): { readonly bare: string; readonly series: string } {
  const spelled = text.replace(/(\d) ?x ?(?=\d)/gi, "$1 x ");
  const series = [...spelled.matchAll(SERIES)].map(([word]) => word).join(" ");
  const bare = spelled
    .replace(FRACTION_BEHIND, "$1 $2 x ")
    .replace(SERIES, " ")
    .replace(/ +/g, " ")
    .replace(/ ?-(?= ?x| ?$)|^ ?-/gi, " ")
    .trim();
  return { bare, series };
}

/** "1/4x20x1" as "1/4-20 x 1", where that is a thread, and 20 no length or not the last. */
function withPitchDashed(text: string, lookUp: (size: string) => DesignationReading): string {
  const [, size = "", tpi = "", after] = CROSSED.exec(text) ?? [];
  if (size === "" || (after === undefined && Number(tpi) < LEAST_TPI)) return text;
  if (!/[#/."]|^no/i.test(size)) return text;
  const dashed = `${size}-${tpi}`;
  const reading = lookUp(dashed);
  if (reading.kind !== "found" || reading.rest !== undefined) return text;
  return after === undefined ? dashed : `${dashed} x ${after}`;
}

/**
 * Parts a text into thread and length: "M10 x 1.25 x 40", "1/2-13-1 1/2", "1/2 x 2 UNC", "M8 30 mm". A length
 * without a unit is in the thread's own. Looks up so many names at the most, however long the text is.
 * @param toleranceClass written with it, already cut out: "6g"
 * @param lookUpName how a name is looked up
 */
export function readThreadAndLength(
  text: string,
  toleranceClass = "",
  lookUpName = lookUpThread,
): ThreadAndLength {
  const lookUp = withoutBarePipes(lookUpName);
  const { bare: written, series } = said(text);
  const named = (size: string) => [size, series, toleranceClass].filter(Boolean).join(" ");
  const bare = withPitchDashed(written, (size) => lookUp(named(size)));
  let choices: ThreadAndLength | undefined;
  let notHeld: ThreadAndLength | undefined;
  let unreadable: ThreadAndLength | undefined;
  for (const { left, right } of splits(bare)) {
    const reading = lookUp(named(left));
    if (reading.kind === "choices" && reading.rest === undefined) {
      if (right === "" || /^[\d."/ -]+(?:mm|in|inch|inches|")?$/.test(right)) choices ??= reading;
    }
    if (reading.kind === "problem" && reading.problem.code === "pitch-not-held") {
      notHeld ??= reading;
    }
    if (reading.kind !== "found" || reading.rest !== undefined) continue;
    const { thread } = reading;
    const found = {
      kind: "found",
      thread,
      after: right,
      ...(reading.toleranceClass === undefined ? {} : { toleranceClass: reading.toleranceClass }),
    } as const;
    if (right === "") return found;
    const lengthMm = lengthOf(right, thread);
    if (lengthMm !== undefined) return { ...found, lengthMm };
    unreadable ??= { kind: "length-unreadable", length: right };
  }
  const understood = choices ?? notHeld ?? unreadable;
  if (understood !== undefined) return understood;
  const whole = lookUp(named(bare));
  return whole.kind === "found" ? { kind: "length-unreadable", length: whole.rest ?? "" } : whole;
}
