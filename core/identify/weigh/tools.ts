/** What a fitter may have on the bench. */
export const TOOLS = [
  "caliper",
  "micrometer",
  "metric-leaves",
  "inch-leaves",
  "leaves-55",
  "angle-gauge",
  "glass",
  "known-parts",
  "hole-gauge",
  "rule",
  "magnet",
] as const;

export type Tool = (typeof TOOLS)[number];
