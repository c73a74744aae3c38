import type { Identification } from "./identify";
import type { Verdict } from "./verdict";

/** An identification in few words: what is stored and listed. */
export interface IdentificationSummary {
  readonly verdict: Verdict;
  readonly unknown: number;
  readonly candidates: readonly {
    readonly threadId: string;
    readonly designation: string;
    readonly probability: number;
  }[];
}

const MOST_KEPT = 5;

/** The verdict, the unknown share and the likeliest five threads. */
export function summaryOf(identification: Identification): IdentificationSummary {
  return {
    verdict: identification.verdict,
    unknown: identification.unknown,
    candidates: identification.candidates.slice(0, MOST_KEPT).map(({ thread, probability }) => ({
      threadId: thread.id,
      designation: thread.designation,
      probability,
    })),
  };
}
