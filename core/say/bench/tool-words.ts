import type { Tool } from "../../identify/weigh";

/** What a fitter owns, by name. */
export const TOOL_WORDS: Readonly<Record<Tool, string>> = {
  caliper: "Caliper",
  micrometer: "Micrometer",
  "metric-leaves": "Metric leaves",
  "inch-leaves": "Inch leaves, 60°",
  "leaves-55": "Inch leaves, 55°",
  "angle-gauge": "Angle gauge",
  glass: "Magnifying glass",
  "known-parts": "Known nuts and bolts",
  "hole-gauge": "Hole gauge",
  rule: "Rule",
  magnet: "Magnet",
};
