import type { ScrewSpec } from "../../callout";
import type { Outline, OutlineDimension, OutlineStroke } from "../parts";
import { studSheet, type StudEndSheet } from "../../decide/sheet";
import type { Thread } from "../../catalogue/threads";
import type { Mm } from "../../measure";
import { plain, threaded } from "./shank-lines";

/** A length that was not said is drawn as six diameters, and an end as two, or as much as leaves some shank. */
const UNSAID = { length: 6, end: 2, share: 0.4 };

interface DrawnEnd {
  readonly thread: Thread;
  readonly threadMm: Mm;
  /** Shown, where it is known. */
  readonly said: boolean;
}

function drawn(
  { thread, threadMm }: Pick<StudEndSheet, "thread" | "threadMm">,
  long: Mm,
): DrawnEnd {
  const unsaid = Math.min(UNSAID.share * long, UNSAID.end * thread.majorMm);
  return { thread, threadMm: Math.min(threadMm ?? unsaid, long), said: threadMm !== undefined };
}

const majorAt = (x: Mm, { majorMm }: Thread): OutlineDimension => ({
  kind: "major",
  from: { x, y: -majorMm / 2 },
  to: { x, y: majorMm / 2 },
  mm: majorMm,
});

const alongFrom = (kind: "length" | "thread", from: Mm, to: Mm, y: Mm): OutlineDimension => ({
  kind,
  from: { x: from, y },
  to: { x: to, y },
  mm: to - from,
});

/** The end that takes the nut stands right, as the tip of a screw does. */
function endsOf(spec: ScrewSpec): readonly [left: StudEndSheet, right: StudEndSheet] {
  const ends = studSheet(spec)?.ends ?? [];
  const right = ends.find(({ goes }) => goes === "under-nut") ?? ends[0] ?? { thread: spec.thread };
  return [ends.find((end) => end !== right) ?? right, right];
}

/** A stud from the side in its true sizes, each end with its own thread, as far as it is threaded. */
export function studOutline(spec: ScrewSpec): Outline {
  const stud = studSheet(spec);
  const said = stud?.overallMm ?? spec.lengthMm;
  const long = said ?? UNSAID.length * spec.thread.majorMm;
  const [left, right] = endsOf(spec).map((end) => drawn(end, long)) as [DrawnEnd, DrawnEnd];
  const rightFrom = Math.max(long - right.threadMm, left.threadMm);
  const half = Math.max(left.thread.majorMm, right.thread.majorMm) / 2;
  const flipped = ({ kind, points }: OutlineStroke): OutlineStroke => ({
    kind,
    points: points.map(({ x, y }) => ({ x: left.threadMm - x, y })),
  });
  return {
    strokes: [
      ...threaded(left.thread, 0, left.threadMm, undefined).map(flipped),
      ...plain(half, left.threadMm, rightFrom),
      ...threaded(right.thread, rightFrom, long, undefined),
    ],
    dimensions: [
      majorAt(long, right.thread),
      ...(left.thread.majorMm === right.thread.majorMm ? [] : [majorAt(0, left.thread)]),
      ...(said === undefined ? [] : [alongFrom("length", 0, long, half)]),
      ...(left.said ? [alongFrom("thread", 0, left.threadMm, half)] : []),
      ...(right.said ? [alongFrom("thread", rightFrom, long, half)] : []),
    ],
    left: 0,
    right: long,
    halfHeight: half,
    headToScale: true,
  };
}
