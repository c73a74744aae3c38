import type { Thread } from "../threads";
import { bandAt, servingStressMpa, type Grade } from "./grade";
import { stockedGrades } from "./grades";

/** One class held against another, by their figures at one thread diameter. */
export interface GradeComparison {
  readonly grade: Grade;
  /** Its serving stress (proof, or yield where there is none) against the other's; 1 is equal. */
  readonly serving: number | undefined;
  /** Its tensile strength against the other's. */
  readonly tensile: number;
  /** At least as strong in everything that both standards give. */
  readonly atLeast: boolean;
}

/** Standards round differently: a hundredth short is the same figure in other units. */
const SAME = 0.99;

/**
 * Holds one class against another at a thread's diameter.
 * @returns undefined where either is not made in that size
 */
export function compareGrades(
  other: Grade,
  grade: Grade,
  thread: Thread,
): GradeComparison | undefined {
  const [mine, theirs] = [bandAt(other, thread.majorMm), bandAt(grade, thread.majorMm)];
  if (mine === undefined || theirs === undefined) return undefined;
  const [a, b] = [servingStressMpa(mine), servingStressMpa(theirs)];
  const serving = a === undefined || b === undefined ? undefined : a / b;
  const tensile = mine.tensileMpa / theirs.tensileMpa;
  // A class without a serving stress cannot be shown to hold what one with it does.
  const servingHolds = serving === undefined ? b === undefined : serving >= SAME;
  return { grade: other, serving, tensile, atLeast: servingHolds && tensile >= SAME };
}

/**
 * The nearest classes of other standards, by their figures and so only approximately: 8.8 and grade 5, 10.9 and
 * grade 8. The thread decides the size compared at, not which classes are made for it.
 */
export function nearestGrades(
  grade: Grade,
  thread: Thread,
  among: readonly Grade[],
): readonly GradeComparison[] {
  // A figure that one of them lacks is no agreement.
  const apart = ({ serving = 0.5, tensile }: GradeComparison) =>
    Math.abs(Math.log(serving)) + Math.abs(Math.log(tensile));
  return among
    .filter((other) => other.id !== grade.id && other.standard !== grade.standard)
    .map((other) => compareGrades(other, grade, thread))
    .filter((compared) => compared !== undefined)
    .sort((one, two) => apart(one) - apart(two));
}

/** The classes to be had for this thread that are at least as strong, the nearest first. */
export function gradesAtLeast(grade: Grade, thread: Thread): readonly GradeComparison[] {
  return stockedGrades(thread)
    .filter((other) => other.id !== grade.id)
    .map((other) => compareGrades(other, grade, thread))
    .filter((compared) => compared !== undefined)
    .filter(({ atLeast }) => atLeast)
    .sort((one, two) => one.tensile - two.tensile);
}
