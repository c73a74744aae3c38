/** Numbered sizes with the threads per inch that they are mostly made in (ASME B1.1). */
const USUAL = ["4 40", "6 32", "8 32", "10 24", "10 32", "12 24"];

/** The same, and those that are met seldom. */
export const NUMBERED_SIZES: ReadonlySet<string> = new Set([
  ...USUAL,
  ...["5 40", "5 44", "6 40", "8 36", "12 28"],
]);

/** The usual numbered sizes as a pattern, with what may stand between number and threads per inch. */
export const usualNumbered = (between: string): string =>
  `(?:${USUAL.map((pair) => pair.replace(" ", between)).join("|")})`;

/** No screw is shorter than this share of its diameter. */
export const SHORTEST_BY_DIAMETER = 0.5;
