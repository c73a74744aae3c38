import { mmFromFraction } from "./inch-fraction";
import { inchesFromMm, mmFromInches, type Mm, type Units } from "./length";
import { MOST_LETTERS, oneSpelling } from "./spelling";

/** Of what is far too long, so much is repeated. */
const MOST_NAMED = 40;

/** Why a typed length could not be taken. `words` makes the sentence. */
export type LengthProblem =
  | { code: "length-empty"; read: string }
  | { code: "length-not-a-figure"; read: string }
  | { code: "length-zero-denominator"; read: string }
  | { code: "length-two-fractions"; read: string }
  | { code: "length-unknown-unit"; read: string; unit: string }
  | { code: "length-not-positive"; read: string; minMm: Mm; maxMm: Mm }
  | { code: "length-outside"; read: string; mm: Mm; minMm: Mm; maxMm: Mm };

export type LengthReading =
  { ok: true; mm: Mm; writtenIn: Units } | { ok: false; problem: LengthProblem };

/** What is accepted, both ends included. */
export interface LengthRange {
  readonly minMm: Mm;
  readonly maxMm: Mm;
}

const UNIT_WORDS: ReadonlyMap<string, Units> = new Map([
  ["mm", "mm"],
  ["mm.", "mm"],
  ["in", "in"],
  ["in.", "in"],
  ["inch", "in"],
  ["inches", "in"],
  ['"', "in"],
]);

const SHAPE =
  /^(?<sign>[-+]?)\s*(?:(?<decimal>\d+(?:\.\d*)?|\.\d+)|(?:(?<whole>\d+)(?:\s+|\s*-\s*))?(?<numerator>\d+)\s*\/\s*(?<denominator>\d+))\s*(?<unit>(?:[^\d\s./]+\.?)?)$/u;
const TWO_FRACTIONS = /\/.*\//u;

/**
 * Reads a length as a fitter writes it: "12.52", "12,52 mm", ".492 in", "37/64", "1 1/2", `1-1/2"`.
 * A fraction without a unit is inches, since nobody writes fractions of a millimetre.
 * @param text what was typed
 * @param units the unit a bare decimal is in
 * @param accepted the smallest and largest length taken
 * @returns millimetres and the unit it was written in, or a problem that repeats what was read
 */
export function readLength(text: string, units: Units, accepted: LengthRange): LengthReading {
  const read = text.trim();
  if (read.length > MOST_LETTERS) {
    return refuse({ code: "length-not-a-figure", read: `${read.slice(0, MOST_NAMED)}…` });
  }
  if (read === "") return refuse({ code: "length-empty", read });
  const spelled = oneSpelling(read).replace(/^,(\d)/u, ".$1");
  if (TWO_FRACTIONS.test(spelled)) return refuse({ code: "length-two-fractions", read });
  const parts = SHAPE.exec(spelled)?.groups;
  if (parts === undefined) return refuse({ code: "length-not-a-figure", read });

  const unitWord = (parts.unit ?? "").toLowerCase();
  const written = UNIT_WORDS.get(unitWord);
  if (unitWord !== "" && written === undefined) {
    return refuse({ code: "length-unknown-unit", read, unit: parts.unit ?? "" });
  }
  if (parts.denominator !== undefined && Number(parts.denominator) === 0) {
    return refuse({ code: "length-zero-denominator", read });
  }
  const writtenIn = written ?? (parts.denominator === undefined ? units : "in");
  const mm = toMm(parts, writtenIn);
  if (parts.sign === "-" || mm === 0) {
    return refuse({ code: "length-not-positive", read, ...accepted });
  }
  if (mm < accepted.minMm || mm > accepted.maxMm) {
    return refuse({ code: "length-outside", read, mm, ...accepted });
  }
  return { ok: true, mm, writtenIn };
}

function toMm(parts: Record<string, string | undefined>, writtenIn: Units): Mm {
  if (parts.decimal !== undefined) {
    const figure = Number(parts.decimal);
    return writtenIn === "mm" ? figure : mmFromInches(figure);
  }
  const fraction = {
    whole: Number(parts.whole ?? 0),
    numerator: Number(parts.numerator),
    denominator: Number(parts.denominator),
  };
  const asInches = mmFromFraction(fraction);
  return writtenIn === "in" ? asInches : inchesFromMm(asInches);
}

function refuse(problem: LengthProblem): LengthReading {
  return { ok: false, problem };
}
