import type { Thread } from "../threads";
import { boreEvidence } from "./bore-evidence";
import { betweenEvidence, diameterEvidence } from "./diameter-evidence";
import { acrossFlatsEvidence } from "./flats-evidence";
import { flankAngleEvidence } from "./form-evidence";
import { handEvidence, lengthEvidence, lookEvidence } from "./hand-evidence";
import { functionEvidence, originEvidence } from "./origin-evidence";
import { leafEvidence } from "./leaf-evidence";
import { headMarkEvidence } from "./mark-evidence";
import { countEvidence, crestToCrestEvidence } from "./pitch-evidence";
import type { Reading, ReadingKind, ReadingOf } from "./reading";
import type { ReasonFigures } from "./reason";
import { taperEvidence, taperMeasuredEvidence } from "./taper-evidence";
import { trialEvidence } from "./trial-evidence";

/** How one kind of reading weighs. Likelihoods are densities or probabilities of the reading as given. */
export interface Evidence<K extends ReadingKind> {
  /** Likelihood of the reading if the part is this thread. Always over zero: anyone can misread. */
  likelihood(reading: ReadingOf<K>, thread: Thread): number;
  /** Likelihood of the reading if the part is a thread that the catalogue does not hold. */
  unknownLikelihood(reading: ReadingOf<K>): number;
  /** How the reading stands to the thread, with its figures. */
  reason(reading: ReadingOf<K>, thread: Thread): ReasonFigures;
  /** Threads with the same key are weighed alike and for the same reason; without it each is weighed by itself. */
  alike?(thread: Thread): number | string;
}

const EVIDENCE: { readonly [K in ReadingKind]: Evidence<K> } = {
  "external-diameter": diameterEvidence,
  "diameter-between": betweenEvidence,
  "internal-diameter": boreEvidence,
  leaf: leafEvidence,
  count: countEvidence,
  "crest-to-crest": crestToCrestEvidence,
  "flank-angle": flankAngleEvidence,
  taper: taperEvidence,
  "taper-measured": taperMeasuredEvidence,
  hand: handEvidence,
  "head-mark": headMarkEvidence,
  "trial-fit": trialEvidence,
  "across-flats": acrossFlatsEvidence,
  length: lengthEvidence,
  "head-style": lookEvidence(),
  finish: lookEvidence(),
  magnet: lookEvidence(),
  origin: originEvidence,
  function: functionEvidence,
};

/** The evidence model that weighs this reading; the table guarantees that the kinds match. */
export function evidenceFor<K extends ReadingKind>(reading: ReadingOf<K> & Reading): Evidence<K> {
  return EVIDENCE[reading.kind] as Evidence<K>;
}
