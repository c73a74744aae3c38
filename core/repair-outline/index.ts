export { holeDrawing } from "./hole-drawing";
export type { DrawingRoom } from "./hole-drawing";
export { symptomMarks } from "./symptom-marks";
