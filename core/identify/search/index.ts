export { QUALITIES, classOfQuality } from "./quality";
export type { Quality } from "./quality";
export { nearestPitches } from "./standard-pitches";
export type { PitchNeighbour } from "./standard-pitches";
export { prepareSearch, searchThreads } from "./search-threads";
export type {
  HitReason,
  SearchOptions,
  ThreadHit,
  ThreadSearch,
  Understanding,
} from "./search-threads";
export { threadNames, threadNamesIn } from "./thread-names";
