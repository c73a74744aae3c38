export type { RepairTool } from "./attempt-parts";
export { cutOf } from "./cut";
export type { RepairCut } from "./cut";
export {
  ACCESSES,
  DAMAGED_PARTS,
  MEDIA,
  SYMPTOMS,
  boreOf,
  soundHoldN,
  soundShareOf,
  wantedLoadN,
} from "./damage";
export type { Access, Damage, DamagedPart, Medium, Symptom } from "./damage";
export { oversizeThreads } from "./oversize";
export type { OversizeRequest, OversizeThread } from "./oversize";
export { makeUpTurns, pipeSeal } from "./pipe-joints";
export type { MakeUpTurns, PipeSeal } from "./pipe-joints";
export type { RepairRefusal, WallPlace } from "./refusal";
export { REPAIR_KINDS } from "./repair-kinds";
export type { RepairCost, RepairKind } from "./repair-kinds";
export { damageProblems, repairOptions } from "./repair-options";
export type { RepairOption, RepairReason } from "./repair-options";
export { solidBush } from "./solid-bush";
export type { SolidBush } from "./solid-bush";
export { wallCheck } from "./walls";
export type { WallCheck, WallLoad } from "./walls";
export { INSERT_LENGTHS, leastDepthForInsert, stiMinor, stiSizes, wireInsert } from "./wire-insert";
export type { WireInsert } from "./wire-insert";
export { STEP_CODES, tappingSteps, workPlan } from "./work-plan";
export type { StepBranch, StepCaution, StepCode, StepFigures, WorkStep } from "./work-plan";
