import type { Mark, Place } from "./marks";

type EdgeMark = Extract<Mark, { kind: "edge" }>;

const at = ({ x, y }: Place) => `${x.toFixed(2)} ${y.toFixed(2)}`;

/** An edge as SVG writes a path, which the pens of the screen and of paper both read. */
export function edgePath({ from, steps }: Pick<EdgeMark, "from" | "steps">): string {
  const each = steps.map(({ to, arc }) => {
    if (arc === undefined) return `L ${at(to)}`;
    const radius = arc.radius.toFixed(2);
    return `A ${radius} ${radius} 0 0 ${arc.clockwise ? 1 : 0} ${at(to)}`;
  });
  return `M ${at(from)} ${each.join(" ")}`;
}

/** The metal behind an edge, closed at a height. */
export function metalPath(edge: Pick<EdgeMark, "from" | "steps">, toY: number): string {
  return `${edgePath(edge)} V ${toY} H ${edge.from.x.toFixed(2)} Z`;
}
