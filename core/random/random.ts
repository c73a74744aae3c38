/** Numbers that look random and are the same for the same seed (mulberry32). */
export interface SeededRandom {
  /** Evenly spread over 0 to 1. */
  even(): number;
  /** Standard normal (Box and Muller). */
  normal(): number;
}

/** A generator of its own for this seed. */
export function seededRandom(seed: number): SeededRandom {
  let state = seed;
  const even = () => {
    state = (state + 0x6d2b79f5) | 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
  return {
    even,
    normal: () => Math.sqrt(-2 * Math.log(1 - even())) * Math.cos(2 * Math.PI * even()),
  };
}

/** One of the entries, each as likely as its weight. */
export function drawn<Entry>(
  entries: readonly Entry[],
  weightOf: (entry: Entry) => number,
  random: SeededRandom,
): Entry | undefined {
  const total = entries.reduce((sum, entry) => sum + weightOf(entry), 0);
  let left = random.even() * total;
  return entries.find((entry) => (left -= weightOf(entry)) < 0) ?? entries.at(-1);
}
