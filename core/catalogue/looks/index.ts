// What is seen of a fastener besides its thread, and the sizes that go with it.
export {
  DRIVES,
  HEAD_STYLES,
  POINTS,
  drivesOf,
  hasFlats,
  lengthDatum,
  usualDrive,
} from "./head-style";
export type { Drive, HeadStyle, LengthDatum, Point } from "./head-style";
export { FINISHES, isMadeOf, isNoSteel } from "./finishes";
export type { Finish } from "./finishes";
export { headProportions } from "./head-proportions";
export type { HeadSize } from "./head-proportions";
export { hexFlats } from "./hex-flats";
export { hexSpanner } from "./hex-spanner";
export type { HexSpanner } from "./hex-spanner";
