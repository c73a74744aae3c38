export { trialRun } from "./trial-run";
export type { TrialOptions, TrialRun } from "./trial-run";
export { bucketTrial } from "./bucket-trial";
export type { BucketOptions, BucketTrial } from "./bucket-trial";
