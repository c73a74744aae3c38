import {
  fullThreadDepth,
  printLength,
  screwOutline,
  type BlindJoint,
  type Joint,
  type ScrewSpec,
  type Seating,
  type TappedJoint,
  type Units,
} from "@root-gauge/core";
import { G, Text } from "react-native-svg";
import { Chain, Dimension, Segments, WEIGHT, type Pen } from "./lines";
import type { Point } from "./bolt-geometry";
import { fittingScale, PX_PER_MM } from "./scale";

const FONT = { fontFamily: "Barlow Semi Condensed", fontSize: 14, fontWeight: "600" } as const;
const HATCH = 9;

export interface HoleSectionProps {
  readonly joint: Joint;
  readonly spec: ScrewSpec;
  readonly seating: Seating;
  readonly width: number;
  readonly height: number;
  readonly colour: string;
  readonly units: Units;
}

interface Frame {
  readonly scale: number;
  toX(mm: number): number;
  toY(mm: number): number;
}

/** How far below the face the drawing reaches, mm: the whole hole, or nut and proud end. */
function depthOf(joint: Joint, seating: Seating): number {
  if (joint.kind === "through") return Math.max(joint.nutHeightMm, seating.throughMm);
  return Math.max(joint.depthMm, seating.throughMm);
}

/** The scale of a section, and where its millimetres lie: the axis across, the clamped part above the face. */
export function sectionFrame(props: Omit<HoleSectionProps, "colour">): Frame {
  const { joint, spec, seating, width, height } = props;
  const outline = screwOutline(spec);
  const above = joint.gripMm + (joint.washersMm ?? 0) - outline.left;
  const tall = above + depthOf(joint, seating) * 1.15;
  const wide = Math.max(2 * outline.halfHeight, 5 * spec.thread.majorMm);
  const scale = Math.min(
    fittingScale(tall, height - 24),
    fittingScale(wide, Math.max(60, width - 190)),
  );
  const per = scale * PX_PER_MM;
  const top = (height - tall * per) / 2;
  return {
    scale,
    toX: (mm) => 14 + Math.min((width - 190) / 2, 2.4 * spec.thread.majorMm * per + 60) + mm * per,
    toY: (mm) => top + (above + mm) * per,
  };
}

function box(frame: Frame, left: number, right: number, top: number, bottom: number): Point[] {
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
function hatch(frame: Frame, from: number, to: number, top: number, bottom: number, way: 1 | -1) {
  const [x1, x2] = [frame.toX(from), frame.toX(to)];
  const [y1, y2] = [frame.toY(top), frame.toY(bottom)];
  const lines = [];
  for (let start = x1 - (y2 - y1); start < x2; start += HATCH) {
    const ends = [
      { x: start, y: y2 },
      { x: start + (y2 - y1), y: y1 },
    ].map(({ x, y }) => {
      const clamped = Math.min(x2, Math.max(x1, x));
      return { x: clamped, y: y + (x - clamped) };
    });
    const [a, b] = ends;
    if (a === undefined || b === undefined || a.y < y1 || b.y > y2) continue;
    const flip = (p: Point) => (way === 1 ? p : { x: x1 + x2 - p.x, y: p.y });
    lines.push({ from: flip(a), to: flip(b) });
  }
  return lines;
}

interface PartProps {
  readonly joint: Joint;
  readonly spec: ScrewSpec;
  readonly frame: Frame;
  readonly pen: Pen;
}

/** What is clamped and, for a hole, what it is tapped in: cut open and hatched. */
function Blocks({ joint, spec, frame, pen }: PartProps) {
  const half = 2.4 * spec.thread.majorMm;
  const clearance = 0.55 * spec.thread.majorMm;
  const fine = { ...pen, weight: WEIGHT.fine, opacity: 0.5 };
  const { under } = washersOf(joint);
  const [top, bottom] = [-joint.gripMm - under, -under];
  const plates = [
    { left: -half, right: -clearance, top, bottom },
    { left: clearance, right: half, top, bottom },
  ];
  const tapped = joint.kind === "through" ? [] : tappedBlocks(joint, spec, half);
  return (
    <G>
      {[
        ...plates.map((plate) => ({ ...plate, way: 1 as const })),
        ...tapped.map((block) => ({ ...block, way: -1 as const })),
      ].map(({ left, right, top: from, bottom: to, way }) => (
        <G key={`${left},${from}`}>
          <Chain points={box(frame, left, right, from, to)} pen={pen} />
          <Segments segments={hatch(frame, left, right, from, to, way)} pen={fine} />
        </G>
      ))}
      <Washers joint={joint} spec={spec} frame={frame} pen={pen} />
    </G>
  );
}

/** Thickness of washers over and under what is clamped: a bolt with two has one at each end. */
function washersOf(joint: Joint): { over: number; under: number } {
  const all = joint.washersMm ?? 0;
  return joint.kind === "through" ? { over: all / 2, under: all / 2 } : { over: all, under: 0 };
}

function Washers({ joint, spec, frame, pen }: PartProps) {
  const d = spec.thread.majorMm;
  const { over, under } = washersOf(joint);
  const head = -joint.gripMm - under;
  const rows = [
    { from: head - over, to: head },
    { from: -under, to: 0 },
  ].filter(({ from, to }) => to - from > 0.05);
  return (
    <G>
      {rows.flatMap(({ from, to }) =>
        [-1, 1].map((side) => (
          <Chain
            key={`${side},${from}`}
            points={box(frame, side * 0.55 * d, side * d, from, to)}
            pen={pen}
          />
        )),
      )}
    </G>
  );
}

/** The tapped part on either side of its hole, and under a blind one. */
function tappedBlocks(joint: TappedJoint | BlindJoint, spec: ScrewSpec, half: number) {
  const bore = spec.thread.majorMm / 2;
  const { depthMm } = joint;
  // A blind hole's sides run on to the point of its drill, where the slab under it begins.
  const under = joint.kind === "blind" ? depthMm + drillPoint(spec) : depthMm;
  const sides = [
    { left: -half, right: -bore, top: 0, bottom: under },
    { left: bore, right: half, top: 0, bottom: under },
  ];
  return joint.kind === "tapped"
    ? sides
    : [...sides, { left: -half, right: half, top: under, bottom: under + 0.8 * bore }];
}

/** Height of the cone a drill leaves, mm: 118 degrees. */
function drillPoint({ thread }: ScrewSpec): number {
  return 0.43 * thread.majorMm * Math.tan((31 * Math.PI) / 180);
}

/** The bottom of a blind hole: where full thread ends, the tap's lead, and the drill's point. */
function Bottom({ joint, spec, frame, pen }: PartProps & { joint: BlindJoint }) {
  const r = spec.thread.majorMm / 2;
  const full = fullThreadDepth(joint, spec.thread);
  const drill = 0.86 * r;
  const at = (x: number, y: number): Point => ({ x: frame.toX(x), y: frame.toY(y) });
  return (
    <G>
      <Chain
        points={[
          at(-r, full),
          at(-drill, joint.depthMm),
          at(0, joint.depthMm + drillPoint(spec)),
          at(drill, joint.depthMm),
          at(r, full),
        ]}
        pen={pen}
      />
      <Segments
        segments={[{ from: at(-2.4 * 2 * r, full), to: at(2.4 * 2 * r, full) }]}
        pen={{ ...pen, weight: WEIGHT.dimension, dashed: true }}
      />
    </G>
  );
}

function Nut({ joint, spec, frame, pen }: PartProps) {
  if (joint.kind !== "through") return null;
  const half = 0.95 * spec.thread.majorMm;
  return <Chain points={box(frame, -half, half, 0, joint.nutHeightMm)} pen={pen} />;
}

interface Span {
  readonly name: string;
  readonly from: number;
  readonly to: number;
}

/** The reaches that decide: thread engaged and what is left under it, or nut and what stands proud. */
function spansOf(joint: Joint, { engagedMm, throughMm, marginMm }: Seating): readonly Span[] {
  if (joint.kind === "through") {
    return [
      { name: "nut", from: 0, to: joint.nutHeightMm },
      {
        name: throughMm < joint.nutHeightMm ? "short by" : "proud",
        from: joint.nutHeightMm,
        to: throughMm,
      },
    ];
  }
  const engaged = { name: "engaged", from: 0, to: engagedMm };
  if (joint.kind === "tapped") return [engaged];
  return [
    engaged,
    marginMm >= 0
      ? { name: "clear", from: engagedMm, to: engagedMm + marginMm }
      : { name: "bottoms by", from: throughMm + marginMm, to: throughMm },
  ];
}

const COLUMN = 26;
const ROW = 20;

/** What each reach comes to, written beside the section. */
function Reaches(props: HoleSectionProps & { frame: Frame; pen: Pen }) {
  const { joint, spec, seating, frame, pen, units } = props;
  const edge = frame.toX(2.4 * spec.thread.majorMm);
  const spans = spansOf(joint, seating).filter(({ from, to }) => Math.abs(to - from) > 0.05);
  const middles = spans.map(({ from, to }) => (frame.toY(from) + frame.toY(to)) / 2 + 5);
  return (
    <G>
      {spans.map(({ name, from, to }, at) => {
        const x = edge + 18 + at * COLUMN;
        const ends = [frame.toY(from), frame.toY(to)];
        const y = at > 0 ? Math.max(middles[at] ?? 0, (middles[at - 1] ?? 0) + ROW) : middles[at];
        return (
          <G key={name}>
            <Segments
              segments={ends.map((end) => ({
                from: { x: edge + 3, y: end },
                to: { x: x + 5, y: end },
              }))}
              pen={{ ...pen, opacity: 0.7 }}
            />
            <Dimension
              at={{ from: { x, y: ends[0] ?? 0 }, to: { x, y: ends[1] ?? 0 } }}
              pen={pen}
            />
            <Text x={edge + 28 + (spans.length - 1) * COLUMN} y={y} fill={pen.colour} {...FONT}>
              {`${name} ${printLength(Math.abs(to - from), units, units === "mm" ? 1 : 3)}`}
            </Text>
          </G>
        );
      })}
    </G>
  );
}

/** A joint cut open: what is clamped, the hole with its tap lead or the nut, and the screw as it would lie. */
export function HoleSection(props: HoleSectionProps) {
  const { joint, spec, seating, colour } = props;
  const frame = sectionFrame(props);
  const pen = { colour, weight: WEIGHT.outline };
  const outline = screwOutline(spec);
  const face = -(joint.gripMm + (joint.washersMm ?? 0));
  // A screw that bottoms stops with its head that far off.
  const lifted = joint.kind === "blind" && seating.marginMm < 0 ? Math.min(0, seating.marginMm) : 0;
  return (
    <G>
      <Blocks joint={joint} spec={spec} frame={frame} pen={pen} />
      {joint.kind === "blind" ? <Bottom joint={joint} spec={spec} frame={frame} pen={pen} /> : null}
      <Nut joint={joint} spec={spec} frame={frame} pen={pen} />
      {outline.strokes
        .filter(({ kind }) => kind === "edge" || kind === "root")
        .map(({ points, kind }, at) => (
          <Chain
            key={at}
            points={points.map(({ x, y }) => ({
              x: frame.toX(y),
              y: frame.toY(x + face + lifted),
            }))}
            pen={kind === "edge" ? pen : { ...pen, weight: WEIGHT.fine, opacity: 0.6 }}
          />
        ))}
      <Reaches {...props} frame={frame} pen={{ colour, weight: WEIGHT.dimension }} />
    </G>
  );
}
