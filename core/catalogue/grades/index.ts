export { bandAt, servingStressMpa } from "./grade";
export type { Grade, Hardness } from "./grade";
export {
  GRADES,
  gradeById,
  gradeSystemOf,
  gradesFor,
  isStocked,
  stockedGrades,
  weakestGrade,
} from "./grades";
export { HARDNESS_CLASSES, isAsHard, vickersOf } from "./hardness-classes";
export type { HardnessClass } from "./hardness-classes";
export { NUT_CLASSES, matchingNut, nutClassById, nutHolds } from "./nut-classes";
export type { NutClass } from "./nut-classes";
export { readBoltMark, readNutMark } from "./read-mark";
export type { BoltMark, NutMark } from "./read-mark";
export { compareGrades, gradesAtLeast, nearestGrades } from "./compare-grades";
export type { GradeComparison } from "./compare-grades";
