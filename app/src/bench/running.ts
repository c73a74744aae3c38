import type { Candidate } from "@root-gauge/core";

/** Under this share a thread counts as ruled out. */
const LEAST_SHARE = 0.005;

/** The threads still in the running, most likely first. */
export function inTheRunning(candidates: readonly Candidate[]): readonly Candidate[] {
  return candidates.filter(({ probability }) => probability >= LEAST_SHARE);
}

/** The threads that fell, the last to fall first. */
export function ruledOut(candidates: readonly Candidate[]): readonly Candidate[] {
  return candidates.filter(({ probability }) => probability < LEAST_SHARE);
}
