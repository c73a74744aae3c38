export interface Point {
  readonly x: number;
  readonly y: number;
}

export interface Segment {
  readonly from: Point;
  readonly to: Point;
}

/** A hexagon bolt seen from the side, lying on its axis; every figure in drawing units. */
export interface BoltShape {
  readonly headLeft: number;
  readonly axisY: number;
  readonly major: number;
  readonly pitch: number;
  readonly end: number;
  /** Draw single threads; without it, lines at the crests and the roots stand for a pitch nobody has read. */
  readonly teeth: boolean;
}

/** Lines of the drawing, and the places where readings are taken on it. */
export interface BoltGeometry {
  readonly head: readonly Segment[];
  readonly shank: readonly Segment[];
  readonly upperEdge: readonly Point[];
  readonly lowerEdge: readonly Point[];
  readonly helix: readonly Segment[];
  readonly endFace: Segment;
  readonly threadStart: number;
  /** Across the crests, near the end. */
  readonly diameterAt: Segment;
  /** From one crest to the next. */
  readonly pitchAt: Segment;
}

/** Proportions of ISO 4014 heads: 0.64 d high and about 1.77 d across corners, whose faces show as 1 : 2 : 1. */
const HEAD_HEIGHT = 0.64;
export const ACROSS_CORNERS = 1.77;
const PLAIN_SHANK = 0.7;

/** Height of the basic external profile, 5/8 of H (ISO 68-1). */
const PROFILE_HEIGHT = 0.541266;

/** Below this pitch single threads run together on screen, and lines at the crests and the roots stand for them. */
const LEAST_DRAWN_PITCH = 4;

/** Half the crest flat (P/8) and half the root flat (P/4) of the basic profile, as shares of the pitch. */
const HALF_CREST = 1 / 16;
const HALF_ROOT = 1 / 8;

/** One edge of the thread from `start` to `end`: flats and flanks of the basic profile, `out` pointing away from the axis. */
function threadEdge(shape: BoltShape, start: number, phase: number, out: 1 | -1): Point[] {
  const { axisY, major, pitch, end } = shape;
  const crestY = axisY + (out * major) / 2;
  const rootY = crestY - out * PROFILE_HEIGHT * pitch;
  const points: Point[] = [];
  for (let crest = start + phase * pitch; crest < end; crest += pitch) {
    points.push(
      { x: crest - HALF_CREST * pitch, y: crestY },
      { x: crest + HALF_CREST * pitch, y: crestY },
      { x: crest + (0.5 - HALF_ROOT) * pitch, y: rootY },
      { x: crest + (0.5 + HALF_ROOT) * pitch, y: rootY },
    );
  }
  return [{ x: start, y: crestY }, ...points].filter(({ x }) => x >= start && x <= end);
}

function straightEdge(shape: BoltShape, start: number, out: 1 | -1): Point[] {
  const y = shape.axisY + (out * shape.major) / 2;
  return [
    { x: start, y },
    { x: shape.end, y },
  ];
}

/** Lines at the roots where no single thread is drawn; else the crests and roots as they run round the screw. */
function helixLines(shape: BoltShape, start: number, drawn: boolean): Segment[] {
  const { axisY, major, pitch, end } = shape;
  const half = major / 2;
  const root = half - PROFILE_HEIGHT * pitch;
  if (!drawn) {
    return ([-1, 1] as const).map((out) => ({
      from: { x: start, y: axisY + out * root },
      to: { x: end, y: axisY + out * root },
    }));
  }
  const lines: Segment[] = [];
  for (let crest = start; crest + pitch < end; crest += pitch) {
    lines.push(
      { from: { x: crest, y: axisY - half }, to: { x: crest + pitch / 2, y: axisY + half } },
      {
        from: { x: crest + pitch / 2, y: axisY - root },
        to: { x: crest + pitch, y: axisY + root },
      },
    );
  }
  return lines;
}

function headLines(shape: BoltShape, face: number): Segment[] {
  const { headLeft, axisY, major } = shape;
  const corner = (ACROSS_CORNERS * major) / 2;
  const levels = [-corner, -corner / 2, corner / 2, corner].map((dy) => axisY + dy);
  return [
    ...levels.map((y) => ({ from: { x: headLeft, y }, to: { x: face, y } })),
    ...[headLeft, face].map((x) => ({
      from: { x, y: axisY - corner },
      to: { x, y: axisY + corner },
    })),
  ];
}

/** Works out every line of the bolt from its sizes. */
export function boltGeometry(shape: BoltShape): BoltGeometry {
  const { axisY, major, pitch, end } = shape;
  const face = shape.headLeft + HEAD_HEIGHT * major;
  const threadStart = face + PLAIN_SHANK * major;
  const half = major / 2;
  const drawn = shape.teeth && pitch >= LEAST_DRAWN_PITCH;
  const edge = (phase: number, out: 1 | -1) =>
    drawn ? threadEdge(shape, threadStart, phase, out) : straightEdge(shape, threadStart, out);
  const middleCrest =
    threadStart + pitch * Math.max(1, Math.round((0.35 * (end - threadStart)) / pitch));
  const diameterX = threadStart + 0.82 * (end - threadStart);
  return {
    head: headLines(shape, face),
    shank: [-half, half].map((dy) => ({
      from: { x: face, y: axisY + dy },
      to: { x: threadStart, y: axisY + dy },
    })),
    upperEdge: edge(0, -1),
    lowerEdge: edge(0.5, 1),
    helix: helixLines(shape, threadStart, drawn),
    endFace: { from: { x: end, y: axisY - half }, to: { x: end, y: axisY + half } },
    threadStart,
    diameterAt: { from: { x: diameterX, y: axisY - half }, to: { x: diameterX, y: axisY + half } },
    pitchAt: {
      from: { x: middleCrest, y: axisY - half },
      to: { x: middleCrest + pitch, y: axisY - half },
    },
  };
}
