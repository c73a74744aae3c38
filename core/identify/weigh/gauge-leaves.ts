/** The leaves of an ordinary 60-degree metric gauge, mm. */
export const METRIC_LEAVES = [
  0.25, 0.3, 0.35, 0.4, 0.45, 0.5, 0.6, 0.7, 0.75, 0.8, 1, 1.25, 1.5, 1.75, 2, 2.5, 3, 3.5, 4, 4.5,
  5, 5.5, 6,
] as const;

/** The leaves of ordinary inch gauges, 60 and 55 degrees together, with the pipe pitches 11.5, 19 and 27; threads per inch. */
export const INCH_LEAVES = [
  4, 4.5, 5, 6, 7, 8, 9, 10, 11, 11.5, 12, 13, 14, 16, 18, 19, 20, 22, 24, 26, 27, 28, 30, 32, 36,
  40, 44, 48, 56, 64, 72, 80,
] as const;
