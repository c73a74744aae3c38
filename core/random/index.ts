export { drawn, seededRandom } from "./random";
export type { SeededRandom } from "./random";
