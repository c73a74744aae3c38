import { tapLeadPitches, type Tap } from "../../decide/joints";
import type { Thread } from "../../catalogue/threads";
import type { Mm } from "../../measure";
import { drillPointMm } from "./drilling";

/** How deep a blind hole is drilled for a length of full thread. */
export interface BlindHole {
  /** Incomplete thread that the last tap leaves. */
  readonly leadMm: Mm;
  /** Room for chips. */
  readonly clearMm: Mm;
  /** To the bottom of the full width. */
  readonly drillDepthMm: Mm;
  readonly pointMm: Mm;
  readonly toPointMm: Mm;
}

/** Pitches left for chips under the tap. */
const CHIP_PITCHES = 1;

/** Depth of a blind hole: full thread, the lead of the last tap at the greater end of its range, and a pitch for chips. */
export function blindHole(thread: Thread, fullThreadMm: Mm, lastTap: Tap, drillMm: Mm): BlindHole {
  const leadMm = tapLeadPitches(lastTap) * thread.pitchMm;
  const clearMm = CHIP_PITCHES * thread.pitchMm;
  const drillDepthMm = fullThreadMm + leadMm + clearMm;
  const pointMm = drillPointMm(drillMm);
  return { leadMm, clearMm, drillDepthMm, pointMm, toPointMm: drillDepthMm + pointMm };
}
