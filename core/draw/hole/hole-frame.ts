import { drillPointMm } from "../../mend/holes";
import { UNITS_PER_MM, fittingScale, type Place, type Segment } from "../marks";
import { boreOf, type Damage } from "../../mend/repair";
import type { Mm } from "../../measure";

export interface DrawingRoom {
  readonly width: number;
  readonly height: number;
}

/** Room that is left free round the section for its figures. */
export interface Margins {
  readonly above: number;
  readonly below: number;
  readonly left: number;
  readonly right: number;
}

/** What was not said is drawn so many diameters away. */
const UNKNOWN_EDGE = 1.6;
const UNKNOWN_FLOOR = 0.5;
const LEFT_SIDE = 1.6;

/** A hole cut open: its sizes from the middle of its mouth, and where they lie on the drawing. */
export interface HoleFrame {
  /** Times full size, and drawing units to the millimetre. */
  readonly drawnAt: number;
  readonly scale: number;
  readonly radius: Mm;
  readonly left: Mm;
  readonly right: Mm;
  readonly depth: Mm;
  /** How far the point of the drill goes below the full width. */
  readonly point: Mm;
  readonly bottom: Mm;
  at(x: Mm, y: Mm): Place;
}

export const line = (from: Place, to: Place): Segment => ({ from, to });

/** Lays the section out in the room there is, at a usual scale. */
export function holeFrame(damage: Damage, room: DrawingRoom, margins: Margins): HoleFrame {
  const { thread, hole, depthMm, edgeMm, thicknessMm } = damage;
  const { majorMm } = thread;
  const radius = boreOf(damage) / 2;
  const right = edgeMm ?? UNKNOWN_EDGE * majorMm;
  const left = LEFT_SIDE * majorMm;
  const point = hole === "blind" ? drillPointMm(2 * radius) : 0;
  const bottom =
    hole === "through" ? depthMm : (thicknessMm ?? depthMm + point + UNKNOWN_FLOOR * majorMm);
  const drawnAt = Math.min(
    fittingScale(left + right, room.width - margins.left - margins.right),
    fittingScale(bottom, room.height - margins.above - margins.below),
  );
  const scale = drawnAt * UNITS_PER_MM;
  const free = room.width - margins.left - margins.right - (left + right) * scale;
  const originX = margins.left + free / 2 + left * scale;
  return {
    drawnAt,
    scale,
    radius,
    left,
    right,
    depth: depthMm,
    point,
    bottom,
    at: (x, y) => ({ x: originX + x * scale, y: margins.above + y * scale }),
  };
}
