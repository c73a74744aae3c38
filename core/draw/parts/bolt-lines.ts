import type { HeadStyle } from "../../catalogue/looks";
import type { HeadOutline } from "./head-outline";
import { headProfile } from "./head-profile";
import { type Place, type Segment, drawsTeeth } from "../marks";
import { edgeForm, threadEdge, type EdgeForm } from "./thread-edge";

/** A bolt, stud or pipe end seen from the side, lying on its axis; every figure in drawing units. */
export interface BoltShape {
  readonly headLeft: number;
  readonly axisY: number;
  readonly major: number;
  readonly pitch: number;
  readonly end: number;
  /** Draw single threads; without it, lines at the crests and the roots stand for a pitch nobody has read. */
  readonly teeth: boolean;
  /** A hexagon head; without it the shank begins where the head would, as on a stud. */
  readonly headed?: boolean;
  /** The head that was seen; a hexagon when not given. */
  readonly headStyle?: HeadStyle;
  /** The form drawn; 60 degrees when not given. */
  readonly form?: EdgeForm;
  /** Taper on diameter: the end is the smaller. */
  readonly taper?: number;
}

/** Lines of the drawing, and the places where readings are taken on it. */
export interface BoltLines {
  readonly head: readonly Segment[];
  readonly shank: readonly Segment[];
  readonly upperEdge: readonly Place[];
  readonly lowerEdge: readonly Place[];
  readonly helix: readonly Segment[];
  readonly endFace: Segment;
  readonly threadStart: number;
  /** Across the crests, near the end. */
  readonly diameterAt: Segment;
  /** From one crest to the next. */
  readonly pitchAt: Segment;
  /** From under the head, or end to end, to the tip, below the part. */
  readonly lengthAt: Segment;
  /** Across the flats of the head as it is seen from the side. */
  readonly headMiddle: Place;
}

/** Proportions of ISO 4014 heads: 0.64 d high and about 1.77 d across corners, whose faces show as 1 : 2 : 1. */
const HEAD_HEIGHT = 0.64;
export const ACROSS_CORNERS = 1.77;
const PLAIN_SHANK = 0.7;

/** How far the crests have come towards the axis at a place along a taper. */
function tapered(shape: BoltShape, start: number, x: number): number {
  return ((x - start) * (shape.taper ?? 0)) / 2;
}

function toothedEdge(shape: BoltShape, start: number, phase: number, out: 1 | -1): Place[] {
  const { axisY, major, pitch, end } = shape;
  return threadEdge({
    start,
    end,
    pitch,
    phase,
    crestY: axisY + (out * major) / 2,
    toRoot: out === 1 ? -1 : 1,
    form: shape.form ?? edgeForm(undefined),
    slope: (-out * (shape.taper ?? 0)) / 2,
  });
}

function straightEdge(shape: BoltShape, start: number, out: 1 | -1): Place[] {
  const y = shape.axisY + (out * shape.major) / 2;
  return [
    { x: start, y },
    { x: shape.end, y: y - out * tapered(shape, start, shape.end) },
  ];
}

/** Lines at the roots where no single thread is drawn; else the crests and roots as they run round the screw. */
function helixLines(shape: BoltShape, start: number, drawn: boolean): Segment[] {
  const { axisY, major, pitch, end } = shape;
  const depth = (shape.form ?? edgeForm(undefined)).depth * pitch;
  const crestAt = (x: number) => major / 2 - tapered(shape, start, x);
  const rootAt = (x: number) => crestAt(x) - depth;
  if (!drawn) {
    return ([-1, 1] as const).map((out) => ({
      from: { x: start, y: axisY + out * rootAt(start) },
      to: { x: end, y: axisY + out * rootAt(end) },
    }));
  }
  const lines: Segment[] = [];
  for (let crest = start; crest + pitch < end; crest += pitch) {
    const [half, whole] = [crest + pitch / 2, crest + pitch];
    lines.push(
      { from: { x: crest, y: axisY - crestAt(crest) }, to: { x: half, y: axisY + crestAt(half) } },
      { from: { x: half, y: axisY - rootAt(half) }, to: { x: whole, y: axisY + rootAt(whole) } },
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

/** The head's lines, where its length is measured from, where the shank begins, and how far it stands out. */
interface DrawnHead {
  readonly lines: readonly Segment[];
  readonly datum: number;
  readonly shank: number;
  readonly half: number;
}

function profileLines({ strokes }: HeadOutline, datum: number, axisY: number): Segment[] {
  return strokes.flatMap(({ points }) =>
    points.slice(1).map((point, at) => ({
      from: { x: datum + (points[at]?.x ?? 0), y: axisY + (points[at]?.y ?? 0) },
      to: { x: datum + point.x, y: axisY + point.y },
    })),
  );
}

function drawnHead(shape: BoltShape): DrawnHead {
  const { headLeft, axisY, major, headed = true, headStyle = "hex" } = shape;
  if (!headed) return { lines: [], datum: headLeft, shank: headLeft, half: major / 2 };
  if (headStyle === "hex") {
    const face = headLeft + HEAD_HEIGHT * major;
    return {
      lines: headLines(shape, face),
      datum: face,
      shank: face,
      half: (ACROSS_CORNERS * major) / 2,
    };
  }
  const profile = headProfile(headStyle, major);
  const datum = headLeft - profile.left;
  return {
    lines: profileLines(profile, datum, axisY),
    datum,
    shank: datum + profile.shankFrom,
    half: profile.halfHeight,
  };
}

/** How far under the part its length is dimensioned. */
const LENGTH_BELOW = 16;

/** Works out every line of the part from its sizes. */
export function boltLines(shape: BoltShape): BoltLines {
  const { axisY, major, pitch, end, headed = true } = shape;
  const head = drawnHead(shape);
  const face = head.shank;
  const threadStart = face + PLAIN_SHANK * major;
  const half = major / 2;
  const drawn = shape.teeth && drawsTeeth(pitch);
  const edge = (phase: number, out: 1 | -1) =>
    drawn ? toothedEdge(shape, threadStart, phase, out) : straightEdge(shape, threadStart, out);
  const middleCrest =
    threadStart + pitch * Math.max(1, Math.round((0.35 * (end - threadStart)) / pitch));
  const diameterX = threadStart + 0.82 * (end - threadStart);
  const across = (x: number): Segment => {
    const reach = half - tapered(shape, threadStart, x);
    return { from: { x, y: axisY - reach }, to: { x, y: axisY + reach } };
  };
  const lengthY = axisY + head.half + LENGTH_BELOW;
  const crestY = axisY - half + tapered(shape, threadStart, middleCrest);
  return {
    head: head.lines,
    shank: [
      ...[-half, half].map((dy) => ({
        from: { x: face, y: axisY + dy },
        to: { x: threadStart, y: axisY + dy },
      })),
      ...(headed ? [] : [across(face)]),
    ],
    upperEdge: edge(0, -1),
    lowerEdge: edge(0.5, 1),
    helix: helixLines(shape, threadStart, drawn),
    endFace: across(end),
    threadStart,
    diameterAt: across(diameterX),
    pitchAt: { from: { x: middleCrest, y: crestY }, to: { x: middleCrest + pitch, y: crestY } },
    lengthAt: { from: { x: head.datum, y: lengthY }, to: { x: end, y: lengthY } },
    headMiddle: { x: shape.headLeft + (HEAD_HEIGHT * major) / 2, y: axisY + half },
  };
}
