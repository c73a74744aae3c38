export { STEP_FEEL_WORDS, stepBranchWords } from "./branch-words";
export {
  ACCESS_WORDS,
  FLAW_CHOICES,
  MEDIUM_NAMES,
  MEND_SENTENCES,
  SYMPTOM_WORDS,
  WORK_MATERIAL_CHOICES,
  WORK_MATERIAL_WORDS,
  repairToolWords,
  stepCountWords,
} from "./damage-words";
export { effortWords, repairReasonWords, repairTitleWords } from "./option-words";
export { drillChoiceWords, tappingPlanWords } from "./plan-words";
export type { PlanLine } from "./plan-words";
export { refusalWords } from "./refusal-words";
export { STEP_CAUTION_WORDS } from "./step-cautions";
export { STEP_TITLES } from "./step-titles";
export { workStepWords } from "./step-words";
export { headFacts, planPaperWords } from "./paper-words";
export type { PaperStep, PlanPaper } from "./paper-words";
export { OUTCOME_CHOICES, progressWords, repairSummary } from "./record-words";
export type { RepairSummary } from "./record-words";
