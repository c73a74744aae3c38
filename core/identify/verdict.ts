import type { Candidate } from "./identification";
import { vouchesForPitch } from "./pitch-vouched";
import type { Reading } from "./reading";
import { heldBy, unknownStanding, type Verdict } from "./standing";

function isAtOdds(candidate: Candidate | undefined): boolean {
  return candidate?.reasons.some(({ agreement }) => agreement === "at-odds") ?? false;
}

/** Readings that are together this much less likely than each alone contradict each other: 150 times. */
const MOST_CONFLICT = Math.log(150);

/**
 * The verdict on readings and the candidates they leave, most likely first.
 * Contradictory: two or more readings that are together far less likely than each alone, or of which one speaks
 * against whichever thread is likeliest.
 */
export function verdictOf(
  readings: readonly Reading[],
  candidates: readonly Candidate[],
  unknown: number,
  conflict: number,
): Verdict {
  const atOdds = isAtOdds(candidates[0]);
  const unheld = unknownStanding(unknown) === "leads";
  if (readings.length > 1 && (atOdds || unheld || conflict > MOST_CONFLICT)) return "contradictory";
  const held = heldBy(candidates, readings.some(vouchesForPitch));
  return held === "settled" && atOdds ? "narrowed" : held;
}
