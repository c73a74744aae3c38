import type { Point } from "../../catalogue/looks";
import { mirrored, type OutlinePoint, type OutlineStroke } from "../parts";
import { basicSizes, type Thread } from "../../catalogue/threads";
import type { Mm } from "../../measure";

/** The end of a screw: how far its chamfer or point reaches, and how thick it is at the tip. */
function endOf(point: Point | undefined, thread: Thread): { reach: Mm; half: Mm } {
  const { major, minor } = basicSizes(thread);
  switch (point) {
    case "cone":
      return { reach: major / 2, half: 0 };
    case "dog":
      return { reach: 0.5 * major, half: 0.35 * major };
    case "cup":
      return { reach: 0.25 * major, half: 0.25 * major };
    default:
      return {
        reach: Math.min((major - minor) / 2 + thread.pitchMm * 0.2, major / 4),
        half: minor / 2,
      };
  }
}

/** Crests and roots at their true pitch, from the runout to where the end begins. */
function teeth(thread: Thread, from: Mm, to: Mm): OutlinePoint[] {
  const { major, minor } = basicSizes(thread);
  const { pitchMm } = thread;
  const points: OutlinePoint[] = [{ x: from, y: major / 2 }];
  for (let x = from; x + pitchMm <= to + 1e-6; x += pitchMm) {
    points.push(
      { x: x + 0.06 * pitchMm, y: major / 2 },
      { x: x + 0.45 * pitchMm, y: minor / 2 },
      { x: x + 0.61 * pitchMm, y: minor / 2 },
      { x: x + pitchMm, y: major / 2 },
    );
  }
  points.push({ x: to, y: major / 2 });
  return points;
}

/** A threaded piece of shank, ended by a chamfer or a point. */
export function threaded(
  thread: Thread,
  from: Mm,
  to: Mm,
  point: Point | undefined,
): OutlineStroke[] {
  const { minor } = basicSizes(thread);
  const { reach, half } = endOf(point, thread);
  const until = Math.max(from, to - reach);
  const edge: OutlineStroke = {
    kind: "edge",
    points: [
      ...teeth(thread, from, until),
      ...(point === "dog" ? [{ x: until, y: half }] : []),
      { x: to, y: half },
    ],
  };
  const root: OutlineStroke = {
    kind: "root",
    points: [
      { x: from, y: minor / 2 },
      { x: until, y: minor / 2 },
    ],
  };
  const across = (x: Mm, y: Mm, kind: OutlineStroke["kind"]): OutlineStroke => ({
    kind,
    points: [
      { x, y: -y },
      { x, y },
    ],
  });
  return [
    edge,
    mirrored(edge),
    root,
    mirrored(root),
    across(from, thread.majorMm / 2, "inner"),
    across(to, half, "edge"),
  ];
}

/** A piece of plain shank. */
export function plain(half: Mm, from: Mm, to: Mm): OutlineStroke[] {
  if (to - from < 1e-6) return [];
  const edge: OutlineStroke = {
    kind: "edge",
    points: [
      { x: from, y: half },
      { x: to, y: half },
    ],
  };
  return [edge, mirrored(edge)];
}
