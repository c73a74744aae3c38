export type { RepairTool } from "./attempt-parts";
export { cutOf, tappedBy } from "./cut";
export type { RepairCut } from "./cut";
export type { Cut, CutTool, CutTurn } from "./cutting";
export {
  ACCESSES,
  BROKEN_TOOLS,
  DAMAGED_PARTS,
  DRIVE_SHAPES,
  LEAST_SOUND,
  MEDIA,
  NUT_KINDS,
  SCREW_FLAWS,
  SPACES,
  SYMPTOMS,
  boreOf,
  soundShareOf,
} from "./damage";
export type {
  Access,
  BrokenTool,
  Damage,
  DamagedPart,
  DriveShape,
  Medium,
  NutKind,
  ScrewFlaw,
  Space,
  Symptom,
} from "./damage";
export { countedClass, torqueOfLoadNm, wantedLoadN } from "./wanted-load";
export type { CountedClass } from "./wanted-load";
export { damageProblems } from "./damage-problems";
export { anyThreadById, isOddThread, oddThread } from "./odd-thread";
export { oversizeThreads } from "./oversize";
export { makeUpTurns } from "./pipe-joints";
export type { RepairRefusal, WallPlace } from "./refusal";
export type { RepairKind } from "./repair-kinds";
export { repairOptions } from "./repair-options";
export type { RepairOption, RepairReason } from "./repair-options";
export { solidBush } from "./solid-bush";
export { REPAIR_OUTCOMES, damageFrom, storedDamage } from "./stored-repair";
export type { RepairOutcome, RepairRecord, StepRecord, StoredDamage } from "./stored-repair";
export { wallCheck } from "./walls";
export { INSERT_LENGTHS, leastDepthForInsert, stiMinor, wireInsert } from "./wire-insert";
export { optionKey, repairWork } from "./repair-work";
export type { RepairWork } from "./repair-work";
export { CUTTING_STEPS, STEP_CODES, STEP_FEELS, TIMED_STEPS } from "./steps";
export type {
  CuttingStepCode,
  StepBranch,
  StepCaution,
  StepCode,
  StepFeel,
  StepFigures,
  WorkStep,
} from "./steps";
export { SYMPTOM_FACTS, takesMetal } from "./symptom-facts";
export { tappingSteps } from "./tapping-steps";
export { workPlan } from "./work-plan";
export { wornShare } from "./worn-screw";
