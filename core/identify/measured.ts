import type { Mm } from "../units";
import { leafMark, leafPitchMm } from "./leaf-evidence";
import type { Reading } from "./reading";
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

const widest = (sizes: readonly Mm[]) => (sizes.length === 0 ? undefined : Math.max(...sizes));

/** The size over the crests: the widest reading, else the larger end of a taper, else the middle of a gauge's interval. */
function measuredMajor(readings: readonly Reading[]): Mm | undefined {
  const read = widest(readingsOfKind(readings, "external-diameter").map(({ mm }) => mm));
  if (read !== undefined) return read;
  const taper = lastReading(readings, "taper-measured");
  if (taper !== undefined) return taper.largeMm;
  const gauged = lastReading(readings, "diameter-between");
  return gauged === undefined ? undefined : (gauged.overMm + gauged.notOverMm) / 2;
}

/** Sizes as read: the widest diameter and bore; the last leaf that dropped in, else crest to crest, else the count. */
export function measuredSizes(readings: readonly Reading[]): MeasuredSizes {
  const majorMm = measuredMajor(readings);
  const boreMm = widest(readingsOfKind(readings, "internal-diameter").map(({ mm }) => mm));
  const lengthMm = lastReading(readings, "length")?.mm;
  const flatsMm = widest(readingsOfKind(readings, "across-flats").map(({ mm }) => mm));
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
