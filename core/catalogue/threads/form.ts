import type { Mm } from "../../measure";
import { basicSizes, limits } from "./limits";
import type { BasicSizes, Thread, ThreadSide } from "./thread";

/** How crests and roots end: a flat, or an arc that runs into both flanks. */
export type ThreadEnd = "flat" | "rounded";

/** The shape of a thread between crest and root. */
export interface ThreadForm {
  readonly halfAngleDeg: number;
  readonly crest: ThreadEnd;
  readonly root: ThreadEnd;
}

/** Families of the rounded British form, and Pg. */
const ROUNDED: ReadonlySet<Thread["family"]> = new Set([
  "whitworth",
  "ba",
  "cycle",
  "pipe-parallel",
  "pipe-taper",
  "gas-cylinder",
]);

const isIso60 = ({ family, series }: Thread) =>
  family === "iso-metric" ||
  family === "unified" ||
  family === "insert-tapped" ||
  series === "conduit M";

/** The form of a thread: ISO 68-1 and UNR screws have a rounded root, their nuts flats; Whitworth forms are rounded at both. */
export function threadForm(thread: Thread, side: ThreadSide): ThreadForm {
  const halfAngleDeg = thread.flankAngleDeg / 2;
  if (ROUNDED.has(thread.family) || thread.series === "Pg") {
    return { halfAngleDeg, crest: "rounded", root: "rounded" };
  }
  const root = isIso60(thread) && side === "external" ? "rounded" : "flat";
  return { halfAngleDeg, crest: "flat", root };
}

/**
 * The diameters of the form as it is made, before any tolerance: the basic sizes, but for the deeper root of an ISO
 * or unified screw (d - 1.226869 P, ISO 68-1 design profile) and the clearances of power screws.
 */
export function formSizes(thread: Thread, side: ThreadSide): BasicSizes {
  const basic = basicSizes(thread);
  if (isIso60(thread)) {
    const deeper = thread.majorMm - 1.226869 * thread.pitchMm;
    return side === "external" ? { ...basic, minor: deeper } : basic;
  }
  if (thread.family !== "trapezoidal" && thread.family !== "acme") return basic;
  const made = limits(thread, side);
  return side === "external"
    ? { ...basic, minor: made.minor.max ?? basic.minor }
    : { ...basic, major: made.major.min ?? basic.major };
}

const radians = (degrees: number) => (degrees * Math.PI) / 180;

/** Height of the sharp V between two flanks one pitch apart; undefined where the flanks are square. */
function sharpHeight(pitchMm: Mm, halfAngleDeg: number): Mm | undefined {
  return halfAngleDeg === 0 ? undefined : pitchMm / (2 * Math.tan(radians(halfAngleDeg)));
}

/**
 * Radius of an arc that runs into both flanks and reaches a given height over the pitch line.
 * @param overPitchLine from the pitch line to the top of the arc, mm
 */
export function tangentRadius(pitchMm: Mm, halfAngleDeg: number, overPitchLine: Mm): Mm {
  const height = sharpHeight(pitchMm, halfAngleDeg);
  if (height === undefined) return 0;
  const sine = Math.sin(radians(halfAngleDeg));
  return (Math.max(0, height / 2 - overPitchLine) * sine) / (1 - sine);
}

/** Half the width of a flat at a height over the pitch line, mm; none where the flanks have met before. */
export function halfFlat(pitchMm: Mm, halfAngleDeg: number, overPitchLine: Mm): Mm {
  return Math.max(0, pitchMm / 4 - overPitchLine * Math.tan(radians(halfAngleDeg)));
}
