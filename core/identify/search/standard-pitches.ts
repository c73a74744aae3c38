import { catalogue } from "../../catalogue/threads";
import type { Mm } from "../../measure";

/** A pitch that a standard has: as its own kind of figure, and in mm. */
interface StandardPitch {
  readonly pitchMm: Mm;
  /** Threads per inch, when the standard gives it so. */
  readonly tpi?: number;
}

/** How a pitch stands to a standard one. */
export interface PitchNeighbour extends StandardPitch {
  /** How far ten threads of the pitch run past ten of the standard one, mm; negative when short of them. */
  readonly overTenMm: Mm;
}

function pitchesHeld(): StandardPitch[] {
  const byKey = new Map<string, StandardPitch>();
  for (const { pitchMm, tpi } of catalogue()) {
    byKey.set(tpi === undefined ? `${pitchMm} mm` : `${tpi} tpi`, {
      pitchMm,
      ...(tpi === undefined ? {} : { tpi }),
    });
  }
  return [...byKey.values()].sort((a, b) => a.pitchMm - b.pitchMm);
}

let held: readonly StandardPitch[] | undefined;

/** Every pitch of the catalogue, metric and inch, finest first. */
function standardPitches(): readonly StandardPitch[] {
  held ??= pitchesHeld();
  return held;
}

/** A pitch is the standard one when ten threads of it differ by less than this, mm. */
const SAME_OVER_TEN_MM = 0.005;

/**
 * The standard pitch next below and next above a pitch, or the one that it is.
 * @param pitchMm the pitch, mm
 * @param kind only metric or only inch pitches; default both
 * @returns one entry when the pitch is standard, else its neighbours, at an end of the range only one
 */
export function nearestPitches(pitchMm: Mm, kind?: "metric" | "inch"): PitchNeighbour[] {
  const set = standardPitches().filter(
    ({ tpi }) => kind === undefined || (kind === "inch") === (tpi !== undefined),
  );
  const asNeighbour = (standard: StandardPitch): PitchNeighbour => ({
    ...standard,
    overTenMm: 10 * (pitchMm - standard.pitchMm),
  });
  const all = set.map(asNeighbour);
  const same = all.find(({ overTenMm }) => Math.abs(overTenMm) < SAME_OVER_TEN_MM);
  if (same !== undefined) return [same];
  const below = all.findLast(({ overTenMm }) => overTenMm > 0);
  const above = all.find(({ overTenMm }) => overTenMm < 0);
  return [below, above].filter((neighbour) => neighbour !== undefined);
}
