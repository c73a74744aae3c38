export { seededRandom } from "./random";
export type { SeededRandom } from "./random";
export { trialRun } from "./trial-run";
export type { TrialOptions, TrialRun } from "./trial-run";
