export { HOLE_TAGS, holeDrawing, touchedHoleDrawing } from "./hole-drawing";
export type { HoleTag } from "./hole-drawing";
export { symptomMarks } from "./symptom-marks";
