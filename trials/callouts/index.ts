export { outcomeOf, readCorpus } from "./read-corpus";
export type { WrittenCallout } from "./read-corpus";
