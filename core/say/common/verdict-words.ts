import { leads, standingOf, type Verdict } from "../../identify/weigh";

const COUNT_WORDS = ["none", "one", "two", "three", "four"] as const;

/** What the parts of a list of threads are headed with, by how they stand. */
export const STANDING_WORDS = {
  running: "Still in the running",
  lessLikely: "Less likely, not ruled out",
  ruledOut: "Ruled out",
} as const;

/** What stands for the threads that the catalogue does not hold. */
export const UNKNOWN_WORDS = {
  name: "Something else",
  reason: "A thread that is not held here: special, worn past telling, or misread.",
} as const;

/** "Settled", "Settled, two names", "Down to two", "One is likely", "Wide open" or "Doesn't add up". */
export function verdictWords({
  verdict,
  candidates,
}: {
  readonly verdict: Verdict;
  readonly candidates: readonly { readonly probability: number }[];
}): string {
  switch (verdict) {
    case "settled":
      // G and Rp, BSF and brass of one pitch: what it is called makes no other thread of it.
      return standingOf(verdict, candidates).running.length > 1 ? "Settled, two names" : "Settled";
    case "narrowed": {
      const left = standingOf(verdict, candidates).running.length;
      // One is as good as known, and nothing vouches for its pitch yet.
      return left === 1 ? "One to confirm" : `Down to ${COUNT_WORDS[left] ?? "a few"}`;
    }
    case "open":
      return leads(candidates[0]) ? "One is likely" : "Wide open";
    case "contradictory":
      return "Doesn't add up";
  }
}
