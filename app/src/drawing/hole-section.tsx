import {
  printLength,
  screwOutline,
  tapLeadPitches,
  type BlindJoint,
  type Joint,
  type ScrewSpec,
  type Seating,
  type TappedJoint,
  type Units,
} from "@root-gauge/core";
import { G, Rect, Text } from "react-native-svg";
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
    fittingScale(wide, Math.max(60, width - 210)),
  );
  const per = scale * PX_PER_MM;
  const top = (height - tall * per) / 2;
  return {
    scale,
    toX: (mm) => 20 + (width - 210) / 2 + mm * per,
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

function Blocks({
  joint,
  spec,
  frame,
  pen,
}: {
  joint: Joint;
  spec: ScrewSpec;
  frame: Frame;
  pen: Pen;
}) {
  const d = spec.thread.majorMm;
  const half = 2.4 * d;
  const clearance = 0.55 * d;
  const from = -(joint.gripMm + (joint.washersMm ?? 0));
  const fine = { ...pen, weight: WEIGHT.fine, opacity: 0.5 };
  const plate = [-1, 1].map((side) => ({
    left: side === -1 ? -half : clearance,
    right: side === -1 ? -clearance : half,
  }));
  const sides = joint.kind === "through" ? [] : tappedSides(joint, spec, half);
  return (
    <G>
      {plate.map(({ left, right }) => (
        <G key={left}>
          <Chain points={box(frame, left, right, from + (joint.washersMm ?? 0), 0)} pen={pen} />
          <Segments
            segments={hatch(frame, left, right, from + (joint.washersMm ?? 0), 0, 1)}
            pen={fine}
          />
          {(joint.washersMm ?? 0) > 0 && joint.kind !== "through" ? (
            <Chain
              points={box(
                frame,
                left < 0 ? -d : clearance,
                left < 0 ? -clearance : d,
                from,
                from + (joint.washersMm ?? 0),
              )}
              pen={pen}
            />
          ) : null}
        </G>
      ))}
      {sides.map(({ left, right, bottom }) => (
        <G key={left}>
          <Chain points={box(frame, left, right, 0, bottom)} pen={pen} />
          <Segments segments={hatch(frame, left, right, 0, bottom, -1)} pen={fine} />
        </G>
      ))}
    </G>
  );
}

function tappedSides(joint: TappedJoint | BlindJoint, spec: ScrewSpec, half: number) {
  const bore = spec.thread.majorMm / 2;
  const bottom = joint.kind === "blind" ? joint.depthMm * 1.12 + 2 : joint.depthMm;
  return [
    { left: -half, right: -bore, bottom },
    { left: bore, right: half, bottom },
  ];
}

/** The bottom of a blind hole: where full thread ends, the tap's lead, and the drill's point. */
function Bottom({
  joint,
  spec,
  frame,
  pen,
}: {
  joint: BlindJoint;
  spec: ScrewSpec;
  frame: Frame;
  pen: Pen;
}) {
  const r = spec.thread.majorMm / 2;
  const full = Math.max(0, joint.depthMm - tapLeadPitches(joint.tap) * spec.thread.pitchMm);
  const drill = 0.86 * r;
  const cone = drill * Math.tan((31 * Math.PI) / 180);
  const at = (x: number, y: number): Point => ({ x: frame.toX(x), y: frame.toY(y) });
  return (
    <G>
      <Chain
        points={[
          at(-r, full),
          at(-drill, joint.depthMm),
          at(0, joint.depthMm + cone),
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

function Nut({
  joint,
  spec,
  frame,
  pen,
}: {
  joint: Joint;
  spec: ScrewSpec;
  frame: Frame;
  pen: Pen;
}) {
  if (joint.kind !== "through") return null;
  const half = 0.95 * spec.thread.majorMm;
  return <Chain points={box(frame, -half, half, 0, joint.nutHeightMm)} pen={pen} />;
}

/** What each reach comes to, written beside the section. */
function Reaches({
  joint,
  seating,
  frame,
  width,
  pen,
  units,
}: HoleSectionProps & { frame: Frame; pen: Pen }) {
  const x = width - 176;
  const spans: { name: string; from: number; to: number }[] =
    joint.kind === "through"
      ? [
          { name: "nut", from: 0, to: joint.nutHeightMm },
          { name: "proud", from: joint.nutHeightMm, to: seating.throughMm },
        ]
      : [{ name: "engaged", from: 0, to: seating.engagedMm }];
  if (joint.kind === "blind") {
    const end = seating.engagedMm + seating.marginMm;
    spans.push(
      seating.marginMm >= 0
        ? { name: "clear", from: seating.engagedMm, to: end }
        : { name: "bottoms by", from: seating.throughMm + seating.marginMm, to: seating.throughMm },
    );
  }
  return (
    <G>
      {spans
        .filter(({ from, to }) => Math.abs(to - from) > 0.05)
        .map(({ name, from, to }, at) => (
          <G key={name}>
            <Dimension
              at={{
                from: { x: x + at * 26, y: frame.toY(from) },
                to: { x: x + at * 26, y: frame.toY(to) },
              }}
              pen={pen}
            />
            <Text
              x={x + 14 + at * 26}
              y={(frame.toY(from) + frame.toY(to)) / 2 + 5}
              fill={pen.colour}
              {...FONT}
            >
              {`${name} ${printLength(Math.abs(to - from), units, units === "mm" ? 1 : 3)}`}
            </Text>
          </G>
        ))}
    </G>
  );
}

/** A joint cut open: what is clamped, the hole with its tap lead or the nut, and the screw as it would lie. */
export function HoleSection(props: HoleSectionProps) {
  const { joint, spec, seating, colour, width, height } = props;
  const frame = sectionFrame(props);
  const pen = { colour, weight: WEIGHT.outline };
  const outline = screwOutline(spec);
  const face = -(joint.gripMm + (joint.washersMm ?? 0));
  // A screw that bottoms stops with its head that far off.
  const lifted = joint.kind === "blind" && seating.marginMm < 0 ? Math.min(0, seating.marginMm) : 0;
  return (
    <G>
      <Rect x={0} y={0} width={width} height={height} fill="none" />
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
