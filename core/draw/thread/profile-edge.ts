import type { EdgeStep, Place } from "../marks";
import type { ProfilePiece, ProfilePoint } from "./thread-profile";

/** Where a profile is laid on the drawing: units to the mm, and where x = 0 and of the axis. */
export interface ProfilePlace {
  readonly scale: number;
  readonly x0: number;
  readonly axisY: number;
  /** Taper on diameter: the profile climbs by half of it along the axis. */
  readonly taper?: number;
}

/** A point of a profile in drawing units; the radius grows upward on the drawing. */
export function placed({ x, y }: ProfilePoint, place: ProfilePlace): Place {
  const climbed = y + (x * (place.taper ?? 0)) / 2;
  return { x: place.x0 + x * place.scale, y: place.axisY - climbed * place.scale };
}

/**
 * One profile repeated along the axis, from before the drawing's left edge to a pitch to spare at the right: what is over
 * the edges is cut off there, so that no line ends in the open.
 * @param pitches how many whole pitches are wanted, from that of x = 0
 */
export function profileEdge(
  pieces: readonly ProfilePiece[],
  pitchMm: number,
  pitches: number,
  place: ProfilePlace,
): { readonly from: Place; readonly steps: readonly EdgeStep[] } {
  const first = -1 - Math.ceil(place.x0 / (pitchMm * place.scale));
  const at = (n: number) => (point: ProfilePoint) => {
    const moved = { ...place, x0: place.x0 + n * pitchMm * place.scale };
    const { x, y } = placed(point, moved);
    const climb = (n * pitchMm * (place.taper ?? 0)) / 2;
    return { x, y: y - climb * place.scale };
  };
  const steps: EdgeStep[] = [];
  for (let n = first; n <= Math.ceil(pitches); n += 1) {
    const shifted = at(n);
    for (const piece of pieces) {
      const to = shifted(piece.to);
      if (piece.kind === "line") steps.push({ to });
      // Drawn with y downward, an arc that bulges away from the axis turns clockwise.
      else {
        const radius = piece.radius * place.scale;
        steps.push({ to, arc: { radius, clockwise: piece.bulge === "out" } });
      }
    }
  }
  const [begin] = pieces;
  return { from: at(first)(begin?.from ?? { x: 0, y: 0 }), steps };
}
