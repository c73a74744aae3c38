import { boreEvidence } from "./bore-evidence";
import { diameterEvidence } from "./diameter-evidence";
import { betweenEvidence } from "./gauge-evidence";
import { acrossFlatsEvidence } from "./flats-evidence";
import { crestFormEvidence } from "./crest-form-evidence";
import type { Evidence } from "./evidence";
import { flankAngleEvidence } from "./flank-angle-evidence";
import { handEvidence } from "./hand-evidence";
import { functionEvidence, originEvidence } from "./origin-evidence";
import { leafEvidence } from "./leaf-evidence";
import { headMarkEvidence } from "./mark-evidence";
import { countEvidence, crestToCrestEvidence } from "./pitch-evidence";
import type { Reading, ReadingKind, ReadingOf } from "./reading";
import { taperEvidence, taperMeasuredEvidence } from "./taper-evidence";
import { threadDepthEvidence } from "./thread-depth-evidence";
import { trialEvidence } from "./trial-evidence";
import { lengthEvidence, lookEvidence } from "./weightless-evidence";

const EVIDENCE: { readonly [K in ReadingKind]: Evidence<K> } = {
  "external-diameter": diameterEvidence,
  "diameter-between": betweenEvidence,
  "internal-diameter": boreEvidence,
  leaf: leafEvidence,
  count: countEvidence,
  "crest-to-crest": crestToCrestEvidence,
  "flank-angle": flankAngleEvidence,
  "crest-form": crestFormEvidence,
  "thread-depth": threadDepthEvidence,
  taper: taperEvidence,
  "taper-measured": taperMeasuredEvidence,
  hand: handEvidence,
  "head-mark": headMarkEvidence,
  "trial-fit": trialEvidence,
  "across-flats": acrossFlatsEvidence,
  length: lengthEvidence,
  "thread-length": lookEvidence(),
  "head-style": lookEvidence(),
  finish: lookEvidence(),
  magnet: lookEvidence(),
  origin: originEvidence,
  function: functionEvidence,
  "other-end": lookEvidence(),
};

/** The evidence model that weighs this reading; the table guarantees that the kinds match. */
export function evidenceFor<K extends ReadingKind>(reading: ReadingOf<K> & Reading): Evidence<K> {
  return EVIDENCE[reading.kind] as Evidence<K>;
}
