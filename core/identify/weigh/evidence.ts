import type { Thread } from "../../catalogue/threads";
import type { Mm } from "../../measure";
import type { ReadingKind, ReadingOf } from "./reading";
import type { ReasonFigures } from "./reason";

/** How one kind of reading weighs. Likelihoods are densities or probabilities of the reading as given. */
export interface Evidence<K extends ReadingKind> {
  /** Likelihood of the reading if the part is this thread. Always over zero: anyone can misread. */
  likelihood(reading: ReadingOf<K>, thread: Thread): number;
  /** Likelihood of the reading if the part is a thread that the catalogue does not hold, of this pitch, mm. */
  unknownLikelihood(reading: ReadingOf<K>, pitchMm: Mm): number;
  /** How the reading stands to the thread, with its figures. */
  reason(reading: ReadingOf<K>, thread: Thread): ReasonFigures;
  /** Threads with the same key are weighed alike and for the same reason; without it each is weighed by itself. */
  alike?(thread: Thread): number | string;
}
