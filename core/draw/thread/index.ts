export { driftDrawing, driftOverTen, overlayDrawing } from "./compared-drawings";
export { leafDrawing } from "./leaf-drawing";
export type { LeafDrawing } from "./leaf-drawing";
export { profileDrawing } from "./profile-drawing";
