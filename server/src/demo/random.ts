/** Numbers that look random and are the same for the same seed (mulberry32). */
export interface SeededRandom {
  /** Evenly spread over 0 to 1. */
  even(): number;
  /** Standard normal (Box and Muller). */
  normal(): number;
  /** A version 4 UUID. */
  uuid(): string;
}

export function seededRandom(seed: number): SeededRandom {
  let state = seed;
  const even = () => {
    state = (state + 0x6d2b79f5) | 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
  const hex = (digits: number) =>
    Math.floor(even() * 16 ** digits)
      .toString(16)
      .padStart(digits, "0");
  return {
    even,
    normal: () => Math.sqrt(-2 * Math.log(1 - even())) * Math.cos(2 * Math.PI * even()),
    uuid: () =>
      `${hex(8)}-${hex(4)}-4${hex(3)}-${(8 + Math.floor(even() * 4)).toString(16)}${hex(3)}-${hex(6)}${hex(6)}`,
  };
}
