import type { Candidate } from "./identify";
import { vouchesForPitch } from "./pitch-vouched";
import type { Reading } from "./reading";

/** Where an identification stands. */
export type Verdict = "settled" | "narrowed" | "open" | "contradictory";

/** The share at which one thread, or a few together, are taken as the answer. */
const SETTLED_SHARE = 0.95;
const MOST_NARROWED = 4;

/** Where nothing vouches for the pitch, the diameter and what was ruled out have to say this much. */
const SETTLED_UNPITCHED = 0.99;

/** How many of the likeliest candidates it takes to hold the settled share of all that is possible; 0 when they cannot. */
export function candidatesInTheRunning(candidates: readonly { probability: number }[]): number {
  let sum = 0;
  for (const [i, { probability }] of candidates.entries()) {
    sum += probability;
    if (sum >= SETTLED_SHARE) return i + 1;
  }
  return 0;
}

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
  const [best] = candidates;
  const atOdds = isAtOdds(best);
  if (readings.length > 1 && (atOdds || unknown > 0.5 || conflict > MOST_CONFLICT)) {
    return "contradictory";
  }
  const running = candidatesInTheRunning(candidates);
  const pitched = readings.some(vouchesForPitch);
  const enough = pitched || (best?.probability ?? 0) >= SETTLED_UNPITCHED;
  if (running === 1 && !atOdds && enough) return "settled";
  return running >= 1 && running <= MOST_NARROWED ? "narrowed" : "open";
}
