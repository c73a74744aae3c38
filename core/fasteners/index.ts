export { hexSpanner } from "./hex-spanner";
export type { HexSpanner } from "./hex-spanner";
