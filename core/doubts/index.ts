// What may be wrong where nothing fits: which reading, or which slip of hand.
export { notHeldWords, suspectWords, suspicionWords, unitSlipWords } from "./doubt-words";
export { likelySlips } from "./slips";
export type { Slip } from "./slips";
