export { jointDrawing } from "./joint-drawing";
export { screwDrawing } from "./screw-drawing";
export { screwOutline } from "./screw-outline";
