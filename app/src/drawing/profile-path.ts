import type { ProfilePiece, ProfilePoint } from "@root-gauge/core";

/** Where a profile is laid on the drawing: px to the mm, and the px of x = 0 and of the axis. */
export interface ProfilePlace {
  readonly scale: number;
  readonly x0: number;
  readonly axisY: number;
  /** Taper on diameter: the profile climbs by half of it along the axis. */
  readonly taper?: number;
}

/** A point of a profile in drawing units; the radius grows upward on the drawing. */
export function placed({ x, y }: ProfilePoint, place: ProfilePlace): ProfilePoint {
  const climbed = y + (x * (place.taper ?? 0)) / 2;
  return { x: place.x0 + x * place.scale, y: place.axisY - climbed * place.scale };
}

const figure = (value: number) => value.toFixed(2);

/**
 * An SVG path of one profile repeated along the axis, from the drawing's left edge and a pitch to spare at the right:
 * what is over the edges is clipped there, so that no line ends in the open.
 * @param pitches how many whole pitches are wanted, from that of x = 0
 */
export function profilePath(
  pieces: readonly ProfilePiece[],
  pitchMm: number,
  pitches: number,
  place: ProfilePlace,
): string {
  const steps: string[] = [];
  const first = -1 - Math.ceil(place.x0 / (pitchMm * place.scale));
  for (let n = first; n <= Math.ceil(pitches); n += 1) {
    const moved = { ...place, x0: place.x0 + n * pitchMm * place.scale };
    const shifted = (point: ProfilePoint) => {
      const { x, y } = placed(point, moved);
      const climb = (n * pitchMm * (place.taper ?? 0)) / 2;
      return `${figure(x)} ${figure(y - climb * place.scale)}`;
    };
    for (const piece of pieces) {
      if (steps.length === 0) steps.push(`M ${shifted(piece.from)}`);
      if (piece.kind === "line") steps.push(`L ${shifted(piece.to)}`);
      else {
        const radius = figure(piece.radius * place.scale);
        // Drawn with y downward, an arc that bulges away from the axis turns clockwise.
        steps.push(
          `A ${radius} ${radius} 0 0 ${piece.bulge === "out" ? 1 : 0} ${shifted(piece.to)}`,
        );
      }
    }
  }
  return steps.join(" ");
}
