import type { Mm } from "../units";
import { leafMark, leafPitchMm } from "./leaf-evidence";
import type { Reading, ReadingOf } from "./reading";
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

function ofKind<K extends Reading["kind"]>(readings: readonly Reading[], kind: K): ReadingOf<K>[] {
  return readings.filter((reading): reading is ReadingOf<K> => reading.kind === kind);
}

function measuredPitch(readings: readonly Reading[]): Pick<MeasuredSizes, "pitchMm" | "leaf"> {
  const fitting = ofKind(readings, "leaf").findLast(({ outcome }) => outcome === "drops-in");
  if (fitting !== undefined) {
    const leaf = leafMark(fitting);
    return { leaf, pitchMm: leafPitchMm(leaf) };
  }
  const crests = ofKind(readings, "crest-to-crest").at(-1);
  if (crests !== undefined) return { pitchMm: crests.mm / crests.pitches };
  const count = ofKind(readings, "count").at(-1);
  return count === undefined ? {} : { pitchMm: count.spanMm / count.threads };
}

const widest = (sizes: readonly Mm[]) => (sizes.length === 0 ? undefined : Math.max(...sizes));

/** The size over the crests: the widest reading, else the larger end of a taper, else the middle of a gauge's interval. */
function measuredMajor(readings: readonly Reading[]): Mm | undefined {
  const read = widest(ofKind(readings, "external-diameter").map(({ mm }) => mm));
  if (read !== undefined) return read;
  const taper = ofKind(readings, "taper-measured").at(-1);
  if (taper !== undefined) return taper.largeMm;
  const gauged = ofKind(readings, "diameter-between").at(-1);
  return gauged === undefined ? undefined : (gauged.overMm + gauged.notOverMm) / 2;
}

/** Sizes as read: the widest diameter and bore; the last leaf that dropped in, else crest to crest, else the count. */
export function measuredSizes(readings: readonly Reading[]): MeasuredSizes {
  const majorMm = measuredMajor(readings);
  const boreMm = widest(ofKind(readings, "internal-diameter").map(({ mm }) => mm));
  const lengthMm = ofKind(readings, "length").at(-1)?.mm;
  const flatsMm = widest(ofKind(readings, "across-flats").map(({ mm }) => mm));
  const taper = ofKind(readings, "taper-measured").at(-1);
  return {
    ...(majorMm === undefined ? {} : { majorMm }),
    ...measuredPitch(readings),
    ...(boreMm === undefined ? {} : { boreMm }),
    ...(lengthMm === undefined ? {} : { lengthMm }),
    ...(flatsMm === undefined ? {} : { flatsMm }),
    ...(taper === undefined ? {} : { taper: { ...taper, onDiameter: measuredTaper(taper) } }),
  };
}
