import { isOneThread } from "../mating";
import type { Candidate } from "./identification";
import { vouchesForPitch } from "./pitch-vouched";
import type { Reading } from "./reading";
import { bearsOnNothing } from "./weightless-evidence";
import { heldBy, unknownStanding, type Verdict } from "./standing";

/** So many readings that agree outweigh one that does not, where the thread is as good as certain for all that. */
const OUTWEIGH = 3;
const CERTAIN_FOR_ALL_THAT = 0.98;

/** A reading speaks against the likeliest thread, and the others do not outweigh it. */
function isAtOdds(candidate: Candidate | undefined): boolean {
  const readings = candidate?.reasons.filter(({ reading }) => reading !== undefined) ?? [];
  const against = readings.filter(({ agreement }) => agreement === "at-odds").length;
  const agreeing = readings.filter(({ agreement }) => agreement === "agrees").length;
  const certain = (candidate?.probability ?? 0) >= CERTAIN_FOR_ALL_THAT;
  return against > 0 && !(against === 1 && agreeing >= OUTWEIGH && certain);
}

/** Readings that are together this much less likely than each alone contradict each other: 150 times. */
const MOST_CONFLICT = Math.log(150);

/** So far down the list a second name of the likeliest thread is looked for. */
const MOST_NAMES = 4;

/** The likeliest thread with its other names taken as one: G and Rp are one thread inside, of other limits. */
function underOneName(candidates: readonly Candidate[]): readonly Pick<Candidate, "probability">[] {
  const [first, ...others] = candidates;
  if (first === undefined) return [];
  const isName = ({ thread }: Candidate, at: number) =>
    at < MOST_NAMES && isOneThread(first.thread, thread);
  const names = others.filter(isName);
  if (names.length === 0) return candidates;
  const probability = names.reduce((sum, name) => sum + name.probability, first.probability);
  return [{ probability }, ...others.filter((one) => !names.includes(one))];
}

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
  const grounds = {
    readings: readings.filter(({ kind }) => !bearsOnNothing(kind)).length,
    pitched: readings.some(vouchesForPitch),
  };
  const held = heldBy(underOneName(candidates), grounds);
  return held === "settled" && atOdds ? "narrowed" : held;
}
