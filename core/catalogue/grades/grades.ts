import type { Thread } from "../threads";
import { bandAt, type Grade, type GradeSystem } from "./grade";
import { INCH_GRADES } from "./inch-grades";
import { METRIC_GRADES } from "./metric-grades";
import { BRITISH_GRADES, NON_FERROUS_GRADES, STAINLESS_GRADES } from "./other-grades";

/** Every class held, each standard's weakest first. */
export const GRADES: readonly Grade[] = [
  ...METRIC_GRADES,
  ...INCH_GRADES,
  ...STAINLESS_GRADES,
  ...NON_FERROUS_GRADES,
  ...BRITISH_GRADES,
];

const byId = new Map(GRADES.map((grade) => [grade.id.toLowerCase(), grade]));

/** The class with this id, whatever its letter case. */
export function gradeById(id: string): Grade | undefined {
  return byId.get(id.toLowerCase());
}

/** The way of grading that a thread's bolts are marked by; undefined for threads that hold no bolts. */
export function gradeSystemOf({ family }: Thread): GradeSystem | undefined {
  switch (family) {
    case "iso-metric":
      return "metric";
    case "unified":
      return "inch";
    case "whitworth":
    case "ba":
    case "cycle":
      return "british";
    default:
      return undefined;
  }
}

/** The classes that bolts of this thread are made in, its own system before the stainless ones. */
export function gradesFor(thread: Thread): readonly Grade[] {
  const system = gradeSystemOf(thread);
  if (system === undefined) return [];
  const made = [
    ...GRADES.filter((grade) => grade.system === system),
    ...GRADES.filter(({ system: own }) => own === "stainless" || own === "non-ferrous"),
  ];
  return made.filter((grade) => bandAt(grade, thread.majorMm) !== undefined);
}

/** What an unmarked bolt of this thread must be taken for: the weakest its system has. */
export function weakestGrade(thread: Thread): Grade | undefined {
  const system = gradeSystemOf(thread);
  return GRADES.find((grade) => grade.system === system);
}

/** Stainless steels that counters stock; the others are to order. */
const STOCKED_STAINLESS: ReadonlySet<string> = new Set(["A2-70", "A4-70", "A4-80"]);
/** Classes of studs, plant and large bolts: to order, and never offered unasked. */
const TO_ORDER: ReadonlySet<string> = new Set([
  "sae-4",
  "a449",
  "a354-bc",
  "a354-bd",
  "b7",
  "f593c",
  "f593d",
  "f593g",
  "f593h",
]);

/** Whether a class is to be had over a counter. */
export function isStocked({ id, system }: Grade): boolean {
  if (system === "non-ferrous") return false;
  return system === "stainless" ? STOCKED_STAINLESS.has(id) : !TO_ORDER.has(id);
}

/** The classes of a thread that counters stock. */
export function stockedGrades(thread: Thread): readonly Grade[] {
  return gradesFor(thread).filter(isStocked);
}
