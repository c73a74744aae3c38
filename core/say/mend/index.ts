export { STEP_FEEL_WORDS, stepBranchWords } from "./branch-words";
export {
  ACCESS_WORDS,
  BROKEN_TOOL_CHOICES,
  DRIVE_SHAPE_CHOICES,
  FLAW_CHOICES,
  MEDIUM_NAMES,
  MEND_SENTENCES,
  NUT_KIND_CHOICES,
  SPACE_CHOICES,
  SYMPTOM_WORDS,
  WORK_MATERIAL_CHOICES,
  countedClassWords,
  noSuchDrillWords,
  stepCountWords,
  torqueProblemWords,
  unreadThreadsWords,
  whatIsWrongWords,
} from "./damage-words";
export { repairToolWords } from "./tool-words";
export { optionFigures } from "./compare-words";
export {
  effortWords,
  lostChoiceWords,
  mostHeldWords,
  repairReasonWords,
  repairTitleWords,
} from "./option-words";
export { drillChartWords, drillChoiceWords, tappingPlanWords } from "./plan-words";
export type { PlanLine } from "./plan-words";
export { refusalWords } from "./refusal-words";
export { STEP_CAUTION_WORDS } from "./step-cautions";
export { STEP_TITLES } from "./step-titles";
export { MACHINE_CHOICES, toolsWords } from "./tools-words";
export { stepFigureWords, workStepWords } from "./step-words";
export { headFacts, planPaperWords } from "./paper-words";
export type { PaperStep, PlanPaper } from "./paper-words";
export {
  OUTCOME_CHOICES,
  clockWords,
  halfDoneWords,
  progressWords,
  repairSummary,
} from "./record-words";
export { whoMayWords } from "./who-may-words";
