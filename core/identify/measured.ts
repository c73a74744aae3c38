import type { Mm } from "../units";
import { leafMark, leafPitchMm } from "./leaf-evidence";
import type { Reading, ReadingOf } from "./reading";
import type { LeafMark } from "./reason";

/** What the readings alone say of the part, before any thread is thought of: enough to draw it. */
export interface MeasuredSizes {
  /** The widest reading over the crests: a skewed reading is always low. */
  readonly majorMm?: Mm;
  readonly pitchMm?: Mm;
  /** The leaf the pitch comes from, when it comes from one. */
  readonly leaf?: LeafMark;
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

/** Diameter and pitch as read: the widest diameter; the last leaf that dropped in, else crest to crest, else the count. */
export function measuredSizes(readings: readonly Reading[]): MeasuredSizes {
  const diameters = ofKind(readings, "external-diameter").map(({ mm }) => mm);
  const major = diameters.length === 0 ? {} : { majorMm: Math.max(...diameters) };
  return { ...major, ...measuredPitch(readings) };
}
