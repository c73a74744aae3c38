import type { Mm } from "../../measure";

/** A place on the part, mm: x along its axis towards the tip, y across it; the length's datum is at x = 0. */
export interface OutlinePoint {
  readonly x: Mm;
  readonly y: Mm;
}

/** How a line is drawn: the part's edge, a thin inner line, one hidden inside, the roots of a thread. */
export type LineKind = "edge" | "inner" | "hidden" | "root";

export interface OutlineStroke {
  readonly kind: LineKind;
  readonly points: readonly OutlinePoint[];
}

type DimensionKind = "length" | "thread" | "major" | "head-width" | "head-height" | "shoulder";

/** A size shown on the drawing, between the two places it is measured at. */
export interface OutlineDimension {
  readonly kind: DimensionKind;
  readonly from: OutlinePoint;
  readonly to: OutlinePoint;
  /** The figure it is to show. */
  readonly mm: Mm;
}

/** A part seen from the side, as lines in millimetres. */
export interface Outline {
  readonly strokes: readonly OutlineStroke[];
  readonly dimensions: readonly OutlineDimension[];
  readonly left: Mm;
  readonly right: Mm;
  /** Greatest distance from the axis. */
  readonly halfHeight: Mm;
  /** Sizes that no table gave are in proportion only. */
  readonly headToScale: boolean;
}

/** The same line on the other side of the axis. */
export function mirrored({ kind, points }: OutlineStroke): OutlineStroke {
  return { kind, points: points.map(({ x, y }) => ({ x, y: -y })) };
}

/** A closed box about the axis. */
export function box(kind: LineKind, left: Mm, right: Mm, half: Mm): OutlineStroke {
  return {
    kind,
    points: [
      { x: left, y: -half },
      { x: right, y: -half },
      { x: right, y: half },
      { x: left, y: half },
      { x: left, y: -half },
    ],
  };
}

/** Points on a circle's arc from one angle to another, degrees. */
export function arc(
  centre: OutlinePoint,
  radius: { readonly x: Mm; readonly y: Mm },
  fromDeg: number,
  toDeg: number,
): OutlinePoint[] {
  const steps = Math.max(14, Math.round(Math.abs(toDeg - fromDeg) / 8));
  return Array.from({ length: steps + 1 }, (_, at) => {
    const angle = ((fromDeg + ((toDeg - fromDeg) * at) / steps) * Math.PI) / 180;
    return { x: centre.x + radius.x * Math.cos(angle), y: centre.y + radius.y * Math.sin(angle) };
  });
}
