import { G, Line, Polyline } from "react-native-svg";
import type { Point, Segment } from "./bolt-geometry";

/** Line weights of every drawing. */
export const WEIGHT = { outline: 1.6, fine: 0.8, dimension: 1 } as const;

const DASHES = "5 4";

export interface Pen {
  readonly colour: string;
  readonly weight: number;
  readonly dashed?: boolean;
  readonly opacity?: number;
}

function strokeOf({ colour, weight, dashed = false, opacity = 1 }: Pen) {
  return {
    stroke: colour,
    strokeWidth: weight,
    strokeOpacity: opacity,
    fill: "none",
    ...(dashed ? { strokeDasharray: DASHES } : {}),
  };
}

export function Segments({ segments, pen }: { segments: readonly Segment[]; pen: Pen }) {
  return (
    <G {...strokeOf(pen)}>
      {segments.map(({ from, to }, i) => (
        <Line key={i} x1={from.x} y1={from.y} x2={to.x} y2={to.y} />
      ))}
    </G>
  );
}

export function Chain({ points, pen }: { points: readonly Point[]; pen: Pen }) {
  return <Polyline points={points.map(({ x, y }) => `${x},${y}`).join(" ")} {...strokeOf(pen)} />;
}

const ARROW = 6;

/** A dimension line with open arrows; pointing outwards to its ends, or inwards from outside when it is short. */
export function Dimension({ at, pen }: { at: Segment; pen: Pen }) {
  const dx = at.to.x - at.from.x;
  const dy = at.to.y - at.from.y;
  const length = Math.hypot(dx, dy);
  const along = { x: dx / length, y: dy / length };
  const inside = length >= 4 * ARROW;
  const arrow = (tip: Point, way: 1 | -1): Point[] => {
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
    from: { x: at.from.x - along.x * reach, y: at.from.y - along.y * reach },
    to: { x: at.to.x + along.x * reach, y: at.to.y + along.y * reach },
  };
  return (
    <G>
      <Segments segments={[line]} pen={pen} />
      <Chain points={arrow(at.from, inside ? -1 : 1)} pen={pen} />
      <Chain points={arrow(at.to, inside ? 1 : -1)} pen={pen} />
    </G>
  );
}
