import {
  seededRandom as coreRandom,
  type SeededRandom as CoreRandom,
} from "@root-gauge/core/random";

/** The core's seeded generator, with ids for the records of the demo. */
export interface SeededRandom extends CoreRandom {
  /** A version 4 UUID. */
  uuid(): string;
}

export function seededRandom(seed: number): SeededRandom {
  const random = coreRandom(seed);
  const hex = (digits: number) =>
    Math.floor(random.even() * 16 ** digits)
      .toString(16)
      .padStart(digits, "0");
  return {
    ...random,
    uuid: () =>
      `${hex(8)}-${hex(4)}-4${hex(3)}-${(8 + Math.floor(random.even() * 4)).toString(16)}${hex(3)}-${hex(6)}${hex(6)}`,
  };
}
