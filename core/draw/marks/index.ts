export { edgePath, metalPath } from "./edge-path";
export { WEIGHTS, chain, dimensionMarks, segments } from "./marks";
export type { Drawing, EdgeStep, Mark, Place, Segment, Stroke } from "./marks";
export { UNITS_PER_MM, drawsTeeth, fittingScale } from "./scale";
