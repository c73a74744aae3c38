import type { Candidate } from "@root-gauge/core";

/** Under this share a thread counts as ruled out. */
const LEAST_SHARE = 0.005;

/** The threads still in the running, most likely first. */
export function inTheRunning(candidates: readonly Candidate[]): readonly Candidate[] {
  return candidates.filter(({ probability }) => probability >= LEAST_SHARE);
}

/** The threads that fell: those nearest to the diameter read first, else the likeliest first. */
export function ruledOut(candidates: readonly Candidate[], majorMm?: number): readonly Candidate[] {
  const fallen = candidates.filter(({ probability }) => probability < LEAST_SHARE);
  if (majorMm === undefined) return fallen;
  const distance = ({ thread }: Candidate) => Math.abs(thread.majorMm - majorMm);
  return [...fallen].sort((a, b) => distance(a) - distance(b));
}
