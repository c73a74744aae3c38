import type { Thread } from "../threads";
import { countEvidence, crestToCrestEvidence } from "./pitch-evidence";
import { diameterEvidence } from "./diameter-evidence";
import { flankAngleEvidence, taperEvidence } from "./form-evidence";
import { functionEvidence, originEvidence } from "./origin-evidence";
import { leafEvidence } from "./leaf-evidence";
import type { Reading, ReadingKind, ReadingOf } from "./reading";
import type { ReasonFigures } from "./reason";

/** How one kind of reading weighs. Likelihoods are densities or probabilities of the reading as given. */
export interface Evidence<K extends ReadingKind> {
  /** Likelihood of the reading if the part is this thread. Always over zero: anyone can misread. */
  likelihood(reading: ReadingOf<K>, thread: Thread): number;
  /** Likelihood of the reading if the part is a thread that the catalogue does not hold. */
  unknownLikelihood(reading: ReadingOf<K>): number;
  /** How the reading stands to the thread, with its figures. */
  reason(reading: ReadingOf<K>, thread: Thread): ReasonFigures;
}

const EVIDENCE: { readonly [K in ReadingKind]: Evidence<K> } = {
  "external-diameter": diameterEvidence,
  leaf: leafEvidence,
  count: countEvidence,
  "crest-to-crest": crestToCrestEvidence,
  "flank-angle": flankAngleEvidence,
  taper: taperEvidence,
  origin: originEvidence,
  function: functionEvidence,
};

/** The evidence model that weighs this reading; the table guarantees that the kinds match. */
export function evidenceFor<K extends ReadingKind>(reading: ReadingOf<K> & Reading): Evidence<K> {
  return EVIDENCE[reading.kind] as Evidence<K>;
}
