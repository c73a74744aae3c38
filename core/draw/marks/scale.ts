import { MM_PER_INCH } from "../../measure";
/** Drawing units to the millimetre: CSS px, 96 to the inch, as browsers hold to and paper truly has. */
export const UNITS_PER_MM = 96 / MM_PER_INCH;

const SCALES = [0.1, 0.2, 0.25, 0.5, 0.75, 1, 1.5, 2, 3, 4, 5, 6, 8, 10, 15, 20, 30] as const;

/** The largest of the usual drawing scales at which a size in mm stays within the room for it. */
export function fittingScale(sizeMm: number, room: number): number {
  return SCALES.findLast((scale) => sizeMm * UNITS_PER_MM * scale <= room) ?? SCALES[0];
}

/** Under this many units to the pitch single threads run together, and lines at their roots stand for them. */
const LEAST_DRAWN_PITCH = 4;

/** Whether single threads of this pitch, in drawing units, can be told apart; else their roots are drawn as lines. */
export function drawsTeeth(pitch: number): boolean {
  return pitch >= LEAST_DRAWN_PITCH;
}
