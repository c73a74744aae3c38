export { HOLE_TAGS, holeDrawing, touchedHoleDrawing } from "./hole-drawing";
export type { HoleDrawing, HoleTag, HoleView } from "./hole-drawing";
export type { DrawingRoom } from "./hole-frame";
export { symptomMarks } from "./symptom-marks";
