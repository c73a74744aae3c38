export { hexFlats } from "./hex-flats";
export type { HexFlats } from "./hex-flats";
export { hexSpanner } from "./hex-spanner";
export type { HexSpanner } from "./hex-spanner";
