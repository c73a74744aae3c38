import { headOf, madeToOf, type ScrewSpec } from "../../callout";
import { threadLength } from "../../catalogue/fasteners";
import { headSize } from "../../catalogue/heads";
import { usualDrive, type HeadSize } from "../../catalogue/looks";
import {
  headOutline,
  type HeadOutline,
  type Outline,
  type OutlineDimension,
  type OutlineStroke,
} from "../parts";
import type { Mm } from "../../measure";
import { plain, threaded } from "./shank-lines";
import { studOutline } from "./stud-outline";

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
  const { threadFrom, end } = lengths;
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
  if (head === "stud") return studOutline(spec);
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
