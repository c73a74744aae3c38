import { headOf, madeToOf, type ScrewSpec } from "../callout";
import { threadLength } from "../fasteners";
import { headSize } from "../heads";
import { usualDrive, type HeadSize, type Point } from "../looks";
import {
  headOutline,
  mirrored,
  type HeadOutline,
  type Outline,
  type OutlineDimension,
  type OutlinePoint,
  type OutlineStroke,
} from "../outline";
import { basicSizes, type Thread } from "../threads";
import type { Mm } from "../units";

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
function threaded(thread: Thread, from: Mm, to: Mm, point: Point | undefined): OutlineStroke[] {
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

function plain(half: Mm, from: Mm, to: Mm): OutlineStroke[] {
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

interface Lengths {
  /** At the head's datum. */
  readonly length: Mm;
  /** Where the thread begins and ends. */
  readonly threadFrom: Mm;
  readonly end: Mm;
}

/** A length that was not said is drawn as three diameters. */
const UNSAID_DIAMETERS = 3;

function lengthsOf(spec: ScrewSpec, shankFrom: Mm): Lengths {
  const head = headOf(spec);
  const length = spec.lengthMm ?? UNSAID_DIAMETERS * spec.thread.majorMm + shankFrom;
  const { threadMm, plainMm } = threadLength(head, spec.thread, length, spec.drive, madeToOf(spec));
  if (head === "shoulder") return { length, threadFrom: length, end: length + threadMm };
  const from = spec.fullThread === true ? 0 : plainMm;
  return { length, threadFrom: Math.min(Math.max(from, shankFrom), length), end: length };
}

function dimensionsOf(
  spec: ScrewSpec,
  size: HeadSize,
  lengths: Lengths,
  { left, halfHeight, shankFrom }: HeadOutline,
): OutlineDimension[] {
  const { thread } = spec;
  const { length, threadFrom, end } = lengths;
  const half = thread.majorMm / 2;
  const dimensions: OutlineDimension[] = [
    { kind: "major", from: { x: end, y: -half }, to: { x: end, y: half }, mm: thread.majorMm },
  ];
  if (spec.lengthMm !== undefined) {
    dimensions.push({
      kind: headOf(spec) === "shoulder" ? "shoulder" : "length",
      from: { x: 0, y: halfHeight },
      to: { x: length, y: half },
      mm: spec.lengthMm,
    });
    if (threadFrom > shankFrom && threadFrom < end) {
      dimensions.push({
        kind: "thread",
        from: { x: threadFrom, y: half },
        to: { x: end, y: half },
        mm: end - threadFrom,
      });
    }
  }
  if (size.standard !== undefined && size.heightMm > 0) {
    const at = size.countersinkDeg === undefined ? left : 0;
    dimensions.push({
      kind: "head-width",
      from: { x: at, y: -size.widthMm / 2 },
      to: { x: at, y: size.widthMm / 2 },
      mm: size.widthMm,
    });
  }
  return dimensions;
}

function middle(spec: ScrewSpec, size: HeadSize, lengths: Lengths, shankFrom: Mm): OutlineStroke[] {
  const { thread, point } = spec;
  const { threadFrom, end, length } = lengths;
  if (headOf(spec) === "stud") {
    const own = Math.min(length / 2.5, 2 * thread.majorMm);
    const flipped = ({ kind, points }: OutlineStroke): OutlineStroke => ({
      kind,
      points: points.map(({ x, y }) => ({ x: length - x, y })),
    });
    return [
      ...threaded(thread, length - own, length, undefined).map(flipped),
      ...plain(thread.majorMm / 2, own, length - own),
      ...threaded(thread, length - own, length, undefined),
    ];
  }
  const thick = headOf(spec) === "shoulder" ? (size.shoulderMm ?? thread.majorMm) : thread.majorMm;
  return [
    ...plain(thick / 2, shankFrom, threadFrom),
    ...(thick > thread.majorMm
      ? [
          {
            kind: "edge",
            points: [
              { x: threadFrom, y: -thick / 2 },
              { x: threadFrom, y: thick / 2 },
            ],
          } as const,
        ]
      : []),
    ...threaded(thread, threadFrom, end, point),
  ];
}

/** A screw from the side in its true sizes: head, shank, thread at its pitch, end, and the places of its dimensions. */
export function screwOutline(spec: ScrewSpec): Outline {
  const head = headOf(spec);
  const drive = spec.drive ?? usualDrive(head);
  const size = headSize(head, drive, spec.thread, madeToOf(spec));
  const d = spec.thread.majorMm;
  const drawn = headOutline(head, size, d);
  const lengths = lengthsOf(spec, drawn.shankFrom);
  const halfHeight = Math.max(drawn.halfHeight, (size.shoulderMm ?? d) / 2);
  return {
    strokes: [...drawn.strokes, ...middle(spec, size, lengths, drawn.shankFrom)],
    dimensions: dimensionsOf(spec, size, lengths, drawn),
    left: drawn.left,
    right: lengths.end,
    halfHeight,
    headToScale: size.standard !== undefined || size.heightMm === 0,
  };
}
