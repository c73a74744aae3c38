import type { SeededRandom } from "@root-gauge/core/random";

/** Whether something happens that does so many times in a hundred. */
export const chance = (inHundred: number, random: SeededRandom): boolean =>
  random.even() * 100 < inHundred;
