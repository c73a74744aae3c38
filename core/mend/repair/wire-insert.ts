import { blindHole, isOwnSystem, ownedDrills, type Drill, type OwnedTools } from "../holes";
import type { Tap } from "../../decide/joints";
import {
  insertTappedLimits,
  insertTappedSizes,
  type BasicSizes,
  type SizeRange,
  type Thread,
} from "../../catalogue/threads";
import type { Mm } from "../../measure";

/** The lengths that wire inserts are made in, in diameters. */
export const INSERT_LENGTHS = [1, 1.5, 2, 2.5, 3] as const;

/** A wire insert fitted in a hole: the thread it stands in, its drill, depths and lengths. */
export interface WireInsert {
  readonly thread: Thread;
  readonly lengthInDiameters: number;
  /** The thread that is tapped for it. */
  readonly sti: BasicSizes;
  /** Limits of the hole before it is tapped; the upper one is an estimate. */
  readonly minor: Required<SizeRange>;
  readonly drill: Drill;
  /** Nominal length. */
  readonly lengthMm: Mm;
  /** Fitted length. */
  readonly installedMm: Mm;
  /** Length over which the parent holds. */
  readonly holdsMm: Mm;
  readonly coils: number;
  /** How far its top coil stands below the face. */
  readonly setDownMm: { readonly least: Mm; readonly most: Mm };
  /** Full thread that is tapped for it. */
  readonly fullThreadMm: Mm;
  /** Drilled depth of a blind hole, to the bottom of the full width. */
  readonly drillDepthMm: Mm;
  readonly countersinkMm: Mm;
  /** A screw that ends deeper than this meets the tang. */
  readonly screwPastTangMm: Mm;
}

/** A drill may be so much under the minor diameter; the best is this share of the tolerance over it. */
const UNDER_MM: Mm = 0.05;
const BEST_SHARE = 0.45;

/** The thread that is tapped for a wire insert: the one inside, moved out by the wire (ASME B18.29.1, DIN 8140). */
export function stiSizes(thread: Thread): BasicSizes {
  return insertTappedSizes(thread);
}

function drillFor(
  thread: Thread,
  minor: Required<SizeRange>,
  tools: OwnedTools | undefined,
): Drill | undefined {
  const best = minor.min + BEST_SHARE * (minor.max - minor.min);
  const fit = ownedDrills(tools).filter(
    ({ mm }) => mm >= minor.min - UNDER_MM - 1e-9 && mm <= minor.max + 1e-9,
  );
  const own = fit.filter((drill) => isOwnSystem(thread, drill));
  return (own.length > 0 ? own : fit).toSorted(
    (a, b) => Math.abs(a.mm - best) - Math.abs(b.mm - best),
  )[0];
}

/** Limits of the drilled hole for a wire insert; the upper one is 5H's or 2B's tolerance over the lower: an estimate. */
export function stiMinor(thread: Thread): Required<SizeRange> | undefined {
  const { min, max } = insertTappedLimits(thread)?.minor ?? {};
  return min === undefined || max === undefined ? undefined : { min, max };
}

/**
 * A wire insert for a thread, by the geometry of the wire; lengths and depths by practice.
 * @param lengthInDiameters one of `INSERT_LENGTHS`
 * @param lastTap the last insert tap used, which sets how deep a blind hole is drilled
 * @returns undefined for a thread that is not metric or unified, or where no drill on hand fits
 */
export function wireInsert(
  thread: Thread,
  lengthInDiameters: number,
  lastTap: Tap = "second",
  tools?: OwnedTools,
): WireInsert | undefined {
  const minor = stiMinor(thread);
  const drill = minor === undefined ? undefined : drillFor(thread, minor, tools);
  if (minor === undefined || drill === undefined) return undefined;
  const { majorMm, pitchMm } = thread;
  const lengthMm = lengthInDiameters * majorMm;
  const installedMm = lengthMm - pitchMm / 2;
  const fullThreadMm = lengthMm + pitchMm;
  const sti = stiSizes(thread);
  return {
    thread,
    lengthInDiameters,
    sti,
    minor,
    drill,
    lengthMm,
    installedMm,
    holdsMm: lengthMm - pitchMm,
    coils: installedMm / pitchMm,
    setDownMm: { least: pitchMm / 4, most: pitchMm / 2 },
    fullThreadMm,
    drillDepthMm: blindHole(thread, fullThreadMm, lastTap, drill.mm).drillDepthMm,
    countersinkMm: sti.major,
    screwPastTangMm: lengthMm - pitchMm,
  };
}

/** A bore wider than this leaves less than 60 % of the insert's thread. */
export function widestBoreForInsert({ majorMm, pitchMm }: Thread): Mm {
  return majorMm + 0.52 * pitchMm;
}

/** Least depth that takes an insert: through, its own length; blind, with a bottoming tap, three pitches more. */
export function leastDepthForInsert(
  { majorMm, pitchMm }: Thread,
  lengthInDiameters: number,
  hole: "through" | "blind",
): Mm {
  return lengthInDiameters * majorMm + (hole === "blind" ? 3 * pitchMm : 0);
}
