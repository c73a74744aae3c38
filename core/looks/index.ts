// What is seen of a fastener besides its thread, and the sizes that go with it.
export { DRIVES, HEAD_STYLES, POINTS, drivesOf, lengthDatum, usualDrive } from "./head-style";
export type { Drive, HeadStyle, LengthDatum, Point } from "./head-style";
export { FINISHES } from "./finishes";
export type { Finish } from "./finishes";
export { headProportions, headSize } from "./head-size";
export type { HeadSize } from "./head-size";
export { hexFlats } from "./hex-flats";
export { hexSpanner } from "./hex-spanner";
export { B18_3_BORES, B18_3_SET_KEYS, B18_3_SHOULDER_THREAD } from "./inch-heads";
export { DIN_974_BORES, ISO_4026_KEYS, ISO_7379_THREAD } from "./metric-heads";
export { goesByInches, pairAt, sizeIn } from "./table-rows";
