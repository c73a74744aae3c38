import type { Thread } from "../threads";
import { bandAt, type Grade } from "./grade";
import { GRADES, gradeById, gradeSystemOf, weakestGrade } from "./grades";
import { NUT_CLASSES, type NutClass } from "./nut-classes";

/** How a mark led to a class. `words` makes the sentence. */
type MarkSense =
  /** The mark names the class. */
  | "named"
  /** The standard gives this many lines to more than one class; the first holds no more than the others. */
  | "several"
  /** A count of lines of a class no longer made: the next lower that is known. */
  | "obsolete-lines"
  /** A stainless steel without its strength number: the softest. */
  | "steel-only"
  /** No mark, or only a maker's: the weakest that such a part may be. */
  | "unmarked"
  /** It names a class that the standard does not make in this size. */
  | "not-in-size"
  /** A nought before the class: its head or thread bears less than the class does (ISO 898-1). */
  | "reduced"
  /** A mark of another system than the thread's: read as it stands, but look again. */
  | "other-system";

/** What a mark says of a bolt's strength. */
export interface BoltMark {
  readonly sense: MarkSense;
  /** The class to count on, never better than the mark proves; undefined for threads that hold no bolts. */
  readonly grade: Grade | undefined;
  /** All the classes the mark may mean. */
  readonly meant: readonly Grade[];
}

/** What a mark says of a nut's strength; no class when the mark names none. */
export interface NutMark {
  readonly sense: MarkSense;
  readonly nutClass: NutClass | undefined;
}

const LINES = /^lines:\s*(\d)$/i;
const ANGLE = /^nut-angle:\s*(\d{1,3})$/i;
const STAINLESS = /^([ACF]\d)(?:[-\s]?(\d{2,3}))?$/i;
/** SAE J429: lines + 2, the classes of 1, 2, 4 and 5 lines being obsolete; the known class that is no stronger. */
const KNOWN_BELOW: ReadonlyMap<string, string> = new Map([
  ["1", "sae-2"],
  ["2", "sae-2"],
  ["4", "sae-5"],
  ["5", "sae-5"],
]);

function isMarked({ mark }: Grade, text: string): boolean {
  return mark !== undefined && mark.toLowerCase() === text;
}

function unmarked(thread: Thread): BoltMark {
  const grade = weakestGrade(thread);
  return { sense: "unmarked", grade, meant: grade === undefined ? [] : [grade] };
}

function ofStainless(text: string): BoltMark | undefined {
  const [, steel, strength] = STAINLESS.exec(text) ?? [];
  if (steel === undefined) return undefined;
  const of = (suffix: string) => gradeById(`${steel}-${suffix}`);
  const named = strength === undefined ? undefined : of(strength);
  if (named !== undefined) return { sense: "named", grade: named, meant: [named] };
  const softest = GRADES.find(({ id }) => id.startsWith(`${steel.toUpperCase()}-`));
  return softest === undefined
    ? undefined
    : { sense: "steel-only", grade: softest, meant: [softest] };
}

function ofLines(count: string): BoltMark | undefined {
  const meant = GRADES.filter((grade) => isMarked(grade, `lines:${count}`));
  const [first] = meant;
  if (first !== undefined)
    return { sense: meant.length > 1 ? "several" : "named", grade: first, meant };
  const below = KNOWN_BELOW.get(count);
  const grade = below === undefined ? undefined : gradeById(below);
  return grade === undefined ? undefined : { sense: "obsolete-lines", grade, meant: [grade] };
}

/** "08.8", "010.9": of that steel, but not to be loaded as that class. */
const REDUCED = /^0(\d{1,2}\.\d)$/;
/** A line under a class tells its steel, an arrow the hand of its thread: neither its strength. */
const BESIDE_THE_CLASS = /_|\bunderlined\b|[←→↑↓]|\barrow(?:ed)?\b/g;

/** The class among the letters that makers put beside it, where one alone reads as one. */
function amongLetters(text: string): BoltMark | undefined {
  const words = text.split(/[\s,;]+/);
  if (words.length < 2) return undefined;
  const read = words.map(readOne).filter((mark) => mark !== undefined);
  return read.length === 1 ? read[0] : undefined;
}

function read(text: string): BoltMark | undefined {
  const bare = text.replace(BESIDE_THE_CLASS, " ").trim();
  return readOne(bare) ?? amongLetters(bare);
}

function readOne(text: string): BoltMark | undefined {
  const reduced = gradeById(REDUCED.exec(text)?.[1] ?? "");
  if (reduced !== undefined) return { sense: "reduced", grade: reduced, meant: [reduced] };
  const lines = LINES.exec(text)?.[1];
  if (lines !== undefined) return ofLines(lines);
  const marked = GRADES.filter((grade) => grade.mark !== "none" && isMarked(grade, text));
  const [grade] = marked;
  if (grade !== undefined) return { sense: "named", grade, meant: marked };
  return ofStainless(text);
}

/**
 * The class that the mark on a bolt's or screw's head proves. A maker's sign proves nothing and is ignored on
 * purpose: such a part is taken for the weakest of its kind, as is one with no mark; beside a class its letters are ignored.
 * @param mark as `head-mark` writes it: "8.8", "lines:3", "letter:R", "A2-70", "none", or any other text
 */
export function readBoltMark(mark: string, thread: Thread): BoltMark {
  const text = mark.trim().toLowerCase();
  const found = text === "none" ? undefined : read(text);
  if (found?.grade === undefined) return unmarked(thread);
  if (bandAt(found.grade, thread.majorMm) === undefined) {
    return { ...found, sense: "not-in-size", grade: weakestGrade(thread) };
  }
  if (found.sense === "reduced") return { ...found, grade: weakestGrade(thread) };
  const own = gradeSystemOf(thread);
  const fits = found.grade.system === own || found.grade.system === "stainless";
  return fits ? found : { ...found, sense: "other-system" };
}

function nutByAngle(degrees: number, thread: Thread): NutClass | undefined {
  const system = gradeSystemOf(thread);
  // The angle is the lesser one between the two marks, whichever way round it is seen.
  const lesser = degrees > 180 ? 360 - degrees : degrees;
  return NUT_CLASSES.find(
    (nut) =>
      nut.system === system &&
      nut.markAngleDeg !== undefined &&
      Math.abs(nut.markAngleDeg - lesser) <= 12,
  );
}

/**
 * The class that the mark on a nut proves: its number, the angle between its two marks (ISO 898-2 clock face on a
 * metric nut, SAE J995 on an inch nut), six marks round it (the older form of SAE grade 8), or a stainless mark.
 * @param mark "8", "nut-angle:120", "nut-marks:6", "A2-70", "none", or any other text
 */
export function readNutMark(mark: string, thread: Thread): NutMark {
  const text = mark.trim().toLowerCase();
  const angle = ANGLE.exec(text)?.[1];
  const system = gradeSystemOf(thread);
  const nutClass =
    angle === undefined ? nutByText(text, thread) : nutByAngle(Number(angle), thread);
  if (nutClass === undefined) return { sense: "unmarked", nutClass: undefined };
  const fits = nutClass.system === system || nutClass.system === "stainless";
  return { sense: fits ? "named" : "other-system", nutClass };
}

function nutByText(text: string, thread: Thread): NutClass | undefined {
  if (text === "nut-marks:6") {
    return gradeSystemOf(thread) === "inch"
      ? NUT_CLASSES.find(({ id }) => id === "nut-sae-8")
      : undefined;
  }
  const strength = /^[ac]\d[-\s]?(\d{2,3})$/.exec(text)?.[1];
  const id =
    strength === undefined
      ? `nut-${text.replace(/^\|(.*)\|$/, "$1")}`
      : `nut-stainless-${strength}`;
  return NUT_CLASSES.find((nut) => nut.id === id);
}
