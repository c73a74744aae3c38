export { driftDrawing, driftOverTen, overlayDrawing } from "./compared-drawings";
export { profileDrawing } from "./profile-drawing";
