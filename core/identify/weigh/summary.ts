import type { Hand, ThreadSide } from "../../catalogue/threads";
import type { Identification } from "./identification";
import type { Verdict } from "./standing";

/** An identification in few words: what is stored and listed. */
export interface IdentificationSummary {
  readonly verdict: Verdict;
  readonly unknown: number;
  /** The side that was read, and the hand when it is left: what the call-out needs besides. */
  readonly side?: ThreadSide | undefined;
  readonly hand?: Hand | undefined;
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
    side: identification.side,
    hand: identification.candidates[0]?.thread.hand ?? "right",
    candidates: identification.candidates.slice(0, MOST_KEPT).map(({ thread, probability }) => ({
      threadId: thread.id,
      designation: thread.designation,
      probability,
    })),
  };
}
