import type { ScrewSpec } from "../../callout";
import {
  fullThreadDepth,
  type BlindJoint,
  type Joint,
  type Seating,
  type TappedJoint,
} from "../../decide/joints";
import {
  UNITS_PER_MM,
  chain,
  dimensionMarks,
  fittingScale,
  segments,
  type Drawing,
  type Mark,
  type Place,
  type Segment,
} from "../marks";
import { type Outline } from "../parts";
import { jointReachWords } from "../../say/sheet";
import type { Units } from "../../measure";
import { STROKES, type DrawingRoom } from "./screw-drawing";
import { screwOutline } from "./screw-outline";

/** A joint with the screw that lies in it. */
export interface FilledJoint {
  readonly joint: Joint;
  readonly spec: ScrewSpec;
  readonly seating: Seating;
}

/** Where the millimetres of a section lie: x across from the screw's axis, y down from the face of the hole. */
interface Frame {
  readonly scale: number;
  toX(mm: number): number;
  toY(mm: number): number;
}

/** What is clamped is drawn this many diameters to either side of the axis. */
const HALF_WIDTH = 2.4;
const HATCH = 9;
/** Room beside the section for its figures. */
const FIGURES = 190;

/** How far below the face the drawing reaches, mm: the whole hole, or nut and proud end. */
function depthOf({ joint, seating }: FilledJoint): number {
  if (joint.kind === "through") return Math.max(joint.nutHeightMm, seating.throughMm);
  return Math.max(joint.depthMm, seating.throughMm);
}

function frameOf(filled: FilledJoint, outline: Outline, { width, height }: DrawingRoom): Frame {
  const { joint, spec } = filled;
  const above = joint.gripMm + (joint.washersMm ?? 0) - outline.left;
  const tall = above + depthOf(filled) * 1.15;
  const wide = Math.max(2 * outline.halfHeight, 5 * spec.thread.majorMm);
  const scale = Math.min(
    fittingScale(tall, height - 24),
    fittingScale(wide, Math.max(60, width - FIGURES)),
  );
  const per = scale * UNITS_PER_MM;
  const top = (height - tall * per) / 2;
  const reach = HALF_WIDTH * spec.thread.majorMm * per + 60;
  return {
    scale,
    toX: (mm) => 14 + Math.min((width - FIGURES) / 2, reach) + mm * per,
    toY: (mm) => top + (above + mm) * per,
  };
}

/** A block that is cut, mm. */
interface Block {
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
}

function boxOf(frame: Frame, { left, right, top, bottom }: Block): Place[] {
  const [x1, x2] = [frame.toX(left), frame.toX(right)];
  const [y1, y2] = [frame.toY(top), frame.toY(bottom)];
  return [
    { x: x1, y: y1 },
    { x: x2, y: y1 },
    { x: x2, y: y2 },
    { x: x1, y: y2 },
    { x: x1, y: y1 },
  ];
}

/** Slanting lines over a block that is cut, leaving the hole free. */
function hatched(frame: Frame, block: Block, way: 1 | -1): Segment[] {
  const [x1, x2] = [frame.toX(block.left), frame.toX(block.right)];
  const [y1, y2] = [frame.toY(block.top), frame.toY(block.bottom)];
  const flip = (place: Place) => (way === 1 ? place : { x: x1 + x2 - place.x, y: place.y });
  const lines: Segment[] = [];
  for (let start = x1 - (y2 - y1); start < x2; start += HATCH) {
    const within = (x: number, y: number): Place => {
      const clamped = Math.min(x2, Math.max(x1, x));
      return { x: clamped, y: y + (x - clamped) };
    };
    const from = within(start, y2);
    const to = within(start + (y2 - y1), y1);
    if (from.y < y1 || to.y > y2) continue;
    lines.push({ from: flip(from), to: flip(to) });
  }
  return lines;
}

/** Thickness of washers over and under what is clamped: a bolt with two has one at each end. */
function washersOf(joint: Joint): { over: number; under: number } {
  const all = joint.washersMm ?? 0;
  return joint.kind === "through" ? { over: all / 2, under: all / 2 } : { over: all, under: 0 };
}

/** Height of the cone a drill leaves, mm: 118 degrees. */
function drillPoint({ thread }: ScrewSpec): number {
  return 0.43 * thread.majorMm * Math.tan((31 * Math.PI) / 180);
}

/** The tapped part on either side of its hole, and under a blind one. */
function tappedBlocks(joint: TappedJoint | BlindJoint, spec: ScrewSpec, half: number): Block[] {
  const bore = spec.thread.majorMm / 2;
  // A blind hole's sides run on to the point of its drill, where the slab under it begins.
  const under = joint.kind === "blind" ? joint.depthMm + drillPoint(spec) : joint.depthMm;
  const sides = [
    { left: -half, right: -bore, top: 0, bottom: under },
    { left: bore, right: half, top: 0, bottom: under },
  ];
  return joint.kind === "tapped"
    ? sides
    : [...sides, { left: -half, right: half, top: under, bottom: under + 0.8 * bore }];
}

/** What is clamped and, for a hole, what it is tapped in: cut open and hatched. */
function blockMarks({ joint, spec }: FilledJoint, frame: Frame): Mark[] {
  const half = HALF_WIDTH * spec.thread.majorMm;
  const clearance = 0.55 * spec.thread.majorMm;
  const { under } = washersOf(joint);
  const [top, bottom] = [-joint.gripMm - under, -under];
  const cut = (block: Block, way: 1 | -1): Mark[] => [
    chain(boxOf(frame, block), STROKES.edge),
    segments(hatched(frame, block, way), { weight: "fine", opacity: 0.5 }),
  ];
  const tapped = joint.kind === "through" ? [] : tappedBlocks(joint, spec, half);
  return [
    ...cut({ left: -half, right: -clearance, top, bottom }, 1),
    ...cut({ left: clearance, right: half, top, bottom }, 1),
    ...tapped.flatMap((block) => cut(block, -1)),
  ];
}

function washerMarks({ joint, spec }: FilledJoint, frame: Frame): Mark[] {
  const d = spec.thread.majorMm;
  const { over, under } = washersOf(joint);
  const head = -joint.gripMm - under;
  return [
    { top: head - over, bottom: head },
    { top: -under, bottom: 0 },
  ]
    .filter(({ top, bottom }) => bottom - top > 0.05)
    .flatMap((row) =>
      [-1, 1].map((side) =>
        chain(boxOf(frame, { left: side * 0.55 * d, right: side * d, ...row }), STROKES.edge),
      ),
    );
}

/** The bottom of a blind hole: where full thread ends, the tap's lead, and the drill's point. */
function bottomMarks({ joint, spec }: FilledJoint, frame: Frame): Mark[] {
  if (joint.kind !== "blind") return [];
  const r = spec.thread.majorMm / 2;
  const full = fullThreadDepth(joint, spec.thread);
  const drill = 0.86 * r;
  const at = (x: number, y: number): Place => ({ x: frame.toX(x), y: frame.toY(y) });
  const across = 2 * HALF_WIDTH * r;
  return [
    chain(
      [
        at(-r, full),
        at(-drill, joint.depthMm),
        at(0, joint.depthMm + drillPoint(spec)),
        at(drill, joint.depthMm),
        at(r, full),
      ],
      STROKES.edge,
    ),
    segments([{ from: at(-across, full), to: at(across, full) }], {
      weight: "dimension",
      dashed: true,
    }),
  ];
}

function nutMarks({ joint, spec }: FilledJoint, frame: Frame): Mark[] {
  if (joint.kind !== "through") return [];
  const half = 0.95 * spec.thread.majorMm;
  const block = { left: -half, right: half, top: 0, bottom: joint.nutHeightMm };
  return [chain(boxOf(frame, block), STROKES.edge)];
}

/** The screw as it lies: one that bottoms stops with its head that far off. */
function screwMarks({ joint, seating }: FilledJoint, outline: Outline, frame: Frame): Mark[] {
  const face = -(joint.gripMm + (joint.washersMm ?? 0));
  const lifted = joint.kind === "blind" ? Math.min(0, seating.marginMm) : 0;
  return outline.strokes
    .filter(({ kind }) => kind === "edge" || kind === "root")
    .map(({ points, kind }) =>
      chain(
        points.map(({ x, y }) => ({ x: frame.toX(y), y: frame.toY(x + face + lifted) })),
        STROKES[kind],
      ),
    );
}

/** A reach that decides, mm under the face. */
interface JointReach {
  readonly name: "nut" | "short-by" | "proud" | "engaged" | "clear" | "bottoms-by";
  readonly from: number;
  readonly to: number;
}

/** The reaches that decide: thread engaged and what is left under it, or nut and what stands proud. */
function reachesOf({ joint, seating }: FilledJoint): readonly JointReach[] {
  const { engagedMm, throughMm, marginMm } = seating;
  if (joint.kind === "through") {
    const name = throughMm < joint.nutHeightMm ? "short-by" : "proud";
    return [
      { name: "nut", from: 0, to: joint.nutHeightMm },
      { name, from: joint.nutHeightMm, to: throughMm },
    ];
  }
  const engaged = { name: "engaged", from: 0, to: engagedMm } as const;
  if (joint.kind === "tapped") return [engaged];
  return [
    engaged,
    marginMm >= 0
      ? { name: "clear", from: engagedMm, to: engagedMm + marginMm }
      : { name: "bottoms-by", from: throughMm + marginMm, to: throughMm },
  ];
}

const COLUMN = 26;
const ROW = 20;

/** What each reach comes to, written beside the section. */
function reachMarks(filled: FilledJoint, frame: Frame, units: Units): Mark[] {
  const edge = frame.toX(HALF_WIDTH * filled.spec.thread.majorMm);
  const reaches = reachesOf(filled).filter(({ from, to }) => Math.abs(to - from) > 0.05);
  const middles = reaches.map(({ from, to }) => (frame.toY(from) + frame.toY(to)) / 2 + 5);
  const figuresX = edge + 28 + (reaches.length - 1) * COLUMN;
  return reaches.flatMap(({ name, from, to }, at): Mark[] => {
    const x = edge + 18 + at * COLUMN;
    const [top, bottom] = [frame.toY(from), frame.toY(to)];
    const middle = middles[at] ?? 0;
    const y = at > 0 ? Math.max(middle, (middles[at - 1] ?? 0) + ROW) : middle;
    const witness = (end: number): Segment => ({
      from: { x: edge + 3, y: end },
      to: { x: x + 5, y: end },
    });
    return [
      segments([witness(top), witness(bottom)], { weight: "dimension", opacity: 0.7 }),
      ...dimensionMarks({ from: { x, y: top }, to: { x, y: bottom } }, { weight: "dimension" }),
      {
        kind: "text",
        at: { x: figuresX, y },
        anchor: "start",
        text: jointReachWords(name, Math.abs(to - from), units),
      },
    ];
  });
}

/** A joint cut open: what is clamped, the hole with its tap lead or the nut, and the screw as it would lie. */
export function jointDrawing(filled: FilledJoint, room: DrawingRoom, units: Units): Drawing {
  const outline = screwOutline(filled.spec);
  const frame = frameOf(filled, outline, room);
  return {
    ...room,
    scale: frame.scale,
    marks: [
      ...blockMarks(filled, frame),
      ...washerMarks(filled, frame),
      ...bottomMarks(filled, frame),
      ...nutMarks(filled, frame),
      ...screwMarks(filled, outline, frame),
      ...reachMarks(filled, frame, units),
    ],
  };
}
