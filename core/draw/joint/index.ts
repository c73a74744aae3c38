export { LINE_PLACES, headLinesMarks, placeOnHead, placesOfLines } from "./head-lines";
export type { LinePlace } from "./head-lines";
export { jointDrawing } from "./joint-drawing";
export { screwDrawing } from "./screw-drawing";
export { screwOutline } from "./screw-outline";
