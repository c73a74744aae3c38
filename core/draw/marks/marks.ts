/** A place on a drawing, in its own units: CSS px on a screen, as many on paper; y grows downward. */
export interface Place {
  readonly x: number;
  readonly y: number;
}

export interface Segment {
  readonly from: Place;
  readonly to: Place;
}

/** How heavy a line is: the part's edge, what is thin, and what measures it. */
export const WEIGHTS = { outline: 1.6, fine: 0.8, dimension: 1, heavy: 2 } as const;

export interface Stroke {
  readonly weight: keyof typeof WEIGHTS;
  /** Not read, or hidden. */
  readonly dashed?: boolean;
  /** From 0 to 1; whole where it is not given. */
  readonly opacity?: number;
  /** What is cut anew, in a colour of its own where there are colours. */
  readonly tone?: "cut";
}

/** A step of an edge: a straight line to a place, or an arc of a circle. */
export interface EdgeStep {
  readonly to: Place;
  readonly arc?: { readonly radius: number; readonly clockwise: boolean };
}

/** What a pen draws: everything a drawing is made of. */
export type Mark =
  | { readonly kind: "segments"; readonly segments: readonly Segment[]; readonly stroke: Stroke }
  | { readonly kind: "chain"; readonly points: readonly Place[]; readonly stroke: Stroke }
  | {
      readonly kind: "circle";
      readonly centre: Place;
      readonly radius: number;
      readonly stroke: Stroke;
    }
  | {
      readonly kind: "text";
      readonly at: Place;
      readonly anchor: "start" | "middle" | "end";
      readonly text: string;
    }
  /** An edge with arcs, cut off at the sides of the drawing; the metal behind it may be tinted. */
  | {
      readonly kind: "edge";
      readonly from: Place;
      readonly steps: readonly EdgeStep[];
      readonly stroke: Stroke;
      readonly within: { readonly left: number; readonly right: number };
      /** Metal down to, or up to, this height, and how strongly it is tinted. */
      readonly metal?: { readonly toY: number; readonly opacity: number };
    };

/** Something laid out to be drawn by any pen. */
export interface Drawing {
  readonly width: number;
  readonly height: number;
  readonly marks: readonly Mark[];
  /** Times full size. */
  readonly scale: number;
}

export const segments = (lines: readonly Segment[], stroke: Stroke): Mark => ({
  kind: "segments",
  segments: lines,
  stroke,
});

export const chain = (points: readonly Place[], stroke: Stroke): Mark => ({
  kind: "chain",
  points,
  stroke,
});

const ARROW = 6;

/** A dimension line with open arrows; pointing outwards to its ends, or inwards from outside when it is short. */
export function dimensionMarks({ from, to }: Segment, stroke: Stroke): Mark[] {
  const length = Math.hypot(to.x - from.x, to.y - from.y);
  const along = { x: (to.x - from.x) / length, y: (to.y - from.y) / length };
  const inside = length >= 4 * ARROW;
  const arrow = (tip: Place, way: 1 | -1): Place[] => {
    const back = { x: tip.x - way * along.x * ARROW, y: tip.y - way * along.y * ARROW };
    const side = { x: along.y * ARROW * 0.45, y: -along.x * ARROW * 0.45 };
    return [
      { x: back.x + side.x, y: back.y + side.y },
      tip,
      { x: back.x - side.x, y: back.y - side.y },
    ];
  };
  const reach = inside ? 0 : 3 * ARROW;
  const line = {
    from: { x: from.x - along.x * reach, y: from.y - along.y * reach },
    to: { x: to.x + along.x * reach, y: to.y + along.y * reach },
  };
  return [
    segments([line], stroke),
    chain(arrow(from, inside ? -1 : 1), stroke),
    chain(arrow(to, inside ? 1 : -1), stroke),
  ];
}
