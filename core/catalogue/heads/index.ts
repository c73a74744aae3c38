// Sizes of heads by their standards.
export { headShare, headSize, threadBelowShoulder } from "./head-size";
export { B18_3_BORES, B18_3_SET_KEYS, B18_3_SHOULDER_THREAD } from "./inch-heads";
export { DIN_974_BORES, ISO_4026_KEYS, ISO_7379_THREAD } from "./metric-heads";
export { goesByInches, pairAt, sizeIn } from "./table-rows";
export {
  HEAVY_FLATS_SIXTEENTHS,
  MADE_TO,
  isStructural,
  isStudStandard,
  spannerFor,
} from "./made-to";
export type { MadeTo } from "./made-to";
