// Every list of values that crosses a border.
export { HANDS, THREAD_FAMILIES, THREAD_SIDES } from "./catalogue/threads";
export {
  CREST_FORMS,
  DIAMETER_INSTRUMENTS,
  GAUGES,
  LEAF_OUTCOMES,
  ORIGIN_PLACES,
  PART_FUNCTIONS,
  PART_KINDS,
  TRADES,
  TRIAL_OUTCOMES,
  VERDICTS,
} from "./identify/weigh";
export { DRIVES, FINISHES, HEAD_STYLES } from "./catalogue/looks";
