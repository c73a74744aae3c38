export { QUALITIES, classOfQuality } from "./quality";
export type { Quality } from "./quality";
export { prepareSearch, searchThreads } from "./search-threads";
export type {
  HitReason,
  SearchOptions,
  ThreadHit,
  ThreadSearch,
  Understanding,
} from "./search-threads";
