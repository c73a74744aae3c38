export {
  ACCESS_WORDS,
  MEDIUM_NAMES,
  MEND_SENTENCES,
  SYMPTOM_WORDS,
  WORK_MATERIAL_CHOICES,
  repairToolWords,
  stepCountWords,
} from "./damage-words";
export { effortWords, repairReasonWords, repairTitleWords } from "./option-words";
export { tappingPlanWords } from "./plan-words";
export type { PlanLine } from "./plan-words";
export { refusalWords } from "./refusal-words";
export { STEP_CAUTION_WORDS, STEP_TITLES, stepBranchWords, workStepWords } from "./step-words";
