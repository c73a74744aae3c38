// What may be wrong where nothing fits: which reading, or which slip of hand.
export { doubtTestWords } from "./doubt-test-words";
export {
  refusedReadingWords,
  sharedZeroWords,
  slipKindWords,
  notHeldWords,
  suspectWords,
  suspicionWords,
  unitSlipWords,
} from "./doubt-words";
export { sharedZero } from "./shared-zero";
export { likelySlips } from "./slips";
export { slipKindOf } from "./slip-kinds";
export type { Slip } from "./slips";
