import type { Mm } from "../../measure";
import { leafMark, leafPitchMm } from "./leaf-evidence";
import { lengthsOf, type Reading, type ReadingOf } from "./reading";
import { lastReading, readingsOfKind } from "./readings-of-kind";
import type { LeafMark } from "./reason";
import { measuredTaper } from "./taper-evidence";

/** What the readings alone say of the part, before any thread is thought of: enough to draw it. */
export interface MeasuredSizes {
  /** The widest reading over the crests: a skewed reading is always low. */
  readonly majorMm?: Mm;
  readonly pitchMm?: Mm;
  /** The leaf the pitch comes from, when it comes from one. */
  readonly leaf?: LeafMark;
  /** The widest reading of the bore. */
  readonly boreMm?: Mm;
  readonly lengthMm?: Mm;
  readonly flatsMm?: Mm;
  /** Both ends of a taper, as last measured. */
  readonly taper?: {
    readonly smallMm: Mm;
    readonly largeMm: Mm;
    readonly apartMm: Mm;
    /** On diameter: 0.0625 is 1 in 16. */
    readonly onDiameter: number;
  };
}

function measuredPitch(readings: readonly Reading[]): Pick<MeasuredSizes, "pitchMm" | "leaf"> {
  const fitting = readingsOfKind(readings, "leaf").findLast(
    ({ outcome }) => outcome === "drops-in",
  );
  if (fitting !== undefined) {
    const leaf = leafMark(fitting);
    return { leaf, pitchMm: leafPitchMm(leaf) };
  }
  const crests = lastReading(readings, "crest-to-crest");
  if (crests !== undefined) return { pitchMm: crests.mm / crests.pitches };
  const count = lastReading(readings, "count");
  return count === undefined ? {} : { pitchMm: count.spanMm / count.threads };
}

/** The widest of the readings of one size: the one that counts, since a skewed hold reads low. */
export function widestReading<
  Kind extends "external-diameter" | "internal-diameter" | "across-flats",
>(readings: readonly Reading[], kind: Kind): ReadingOf<Kind> | undefined {
  const sizeOf = (reading: Reading) => lengthsOf(reading)[0] ?? 0;
  return readingsOfKind(readings, kind).reduce<ReadingOf<Kind> | undefined>(
    (most, reading) => (most === undefined || sizeOf(reading) > sizeOf(most) ? reading : most),
    undefined,
  );
}

/** The reading that tells the size over the crests: the widest diameter, else both ends of a taper, else a gauge's holes. */
export function readingOfMajor(
  readings: readonly Reading[],
): ReadingOf<"external-diameter" | "taper-measured" | "diameter-between"> | undefined {
  return (
    widestReading(readings, "external-diameter") ??
    lastReading(readings, "taper-measured") ??
    lastReading(readings, "diameter-between")
  );
}

/** The size over the crests as it is drawn; between a gauge's holes that is their middle, which nobody measured. */
function measuredMajor(readings: readonly Reading[]): Mm | undefined {
  const reading = readingOfMajor(readings);
  switch (reading?.kind) {
    case "external-diameter":
      return reading.mm;
    case "taper-measured":
      return reading.largeMm;
    case "diameter-between":
      return (reading.overMm + reading.notOverMm) / 2;
    case undefined:
      return undefined;
  }
}

/** Sizes as read: the widest diameter and bore; the last leaf that dropped in, else crest to crest, else the count. */
export function measuredSizes(readings: readonly Reading[]): MeasuredSizes {
  const majorMm = measuredMajor(readings);
  const boreMm = widestReading(readings, "internal-diameter")?.mm;
  const lengthMm = lastReading(readings, "length")?.mm;
  const flatsMm = widestReading(readings, "across-flats")?.mm;
  const taper = lastReading(readings, "taper-measured");
  return {
    ...(majorMm === undefined ? {} : { majorMm }),
    ...measuredPitch(readings),
    ...(boreMm === undefined ? {} : { boreMm }),
    ...(lengthMm === undefined ? {} : { lengthMm }),
    ...(flatsMm === undefined ? {} : { flatsMm }),
    ...(taper === undefined ? {} : { taper: { ...taper, onDiameter: measuredTaper(taper) } }),
  };
}
