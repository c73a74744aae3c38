/** Where an identification stands. */
export const VERDICTS = ["settled", "narrowed", "open", "contradictory"] as const;

export type Verdict = (typeof VERDICTS)[number];

/** The share at which one thread is taken as the answer. */
export const SETTLED_SHARE = 0.974;

/** The share that those hold together which it is down to; where a pitch was read, all that settling asks for. */
const NARROWED_SHARE = 0.95;
const MOST_NARROWED = 4;

/** Under this share a thread is ruled out: no test is planned for it, and one reason says why it fell. */
const RULED_OUT = 0.005;

/** From here on what the catalogue does not hold is likelier than all that it holds. */
const LEADS = 0.5;

/** From here on what the catalogue does not hold is worth a word beside the threads. */
const NOTABLE = 0.05;

/** From here on it is taken for none that is held, and no test parts those that are. */
const NONE_HELD = 0.8;

/** A thread or the unknown, as far as its standing is concerned. */
interface Weighed {
  readonly probability: number;
}

/** How a verdict and its threads stand, as every heading, list and count has it. */
export interface Standing<Candidate extends Weighed> {
  /** Of a verdict that names threads, those it names; else all that are not ruled out. Most likely first. */
  readonly running: readonly Candidate[];
  /** Not ruled out, and not needed for the settled share. */
  readonly lessLikely: readonly Candidate[];
  readonly ruledOut: readonly Candidate[];
}

export function isRuledOut(probability: number): boolean {
  return probability < RULED_OUT;
}

/** How what is not held stands beside the threads: before them, worth a word, or of no account. */
export function unknownStanding(unknown: number): "leads" | "notable" | "slight" {
  if (unknown > LEADS) return "leads";
  return unknown >= NOTABLE ? "notable" : "slight";
}

/** Whether what is not held leads so far that threads are not worth telling apart any more. */
export function isNoneHeld(unknown: number): boolean {
  return unknown >= NONE_HELD;
}

/** Whether a thread alone is likelier than everything else together: worth saying what it is mistaken for. */
export function leads(candidate: Weighed | undefined): boolean {
  return candidate !== undefined && candidate.probability >= LEADS;
}

/** How many of the likeliest candidates it takes to hold a share of all that is possible; 0 when they cannot. */
function holdingTogether(candidates: readonly Weighed[], share: number): number {
  let sum = 0;
  for (const [i, { probability }] of candidates.entries()) {
    sum += probability;
    if (sum >= share) return i + 1;
  }
  return 0;
}

/**
 * From so many readings on a slip in one of them would show, and the settled share settles; fewer must leave less doubt,
 * since a part of another thread, or of none, may have passed through both.
 */
const A_SLIP_SHOWS = 3;
const SETTLED_BY_FEW = 0.985;

/** What the readings are, as far as settling goes by them. */
export interface Grounds {
  /** How many readings bear on the thread. */
  readonly readings: number;
  /** Whether one vouches for the pitch: a size alone may be that of a thread nobody has listed. */
  readonly pitched: boolean;
}

/** Whether candidates, most likely first, are down to one or to a few. */
export function heldBy(
  candidates: readonly Weighed[],
  { readings, pitched }: Grounds,
): Exclude<Verdict, "contradictory"> {
  const settles = readings < A_SLIP_SHOWS ? SETTLED_BY_FEW : SETTLED_SHARE;
  const together = holdingTogether(candidates, pitched ? settles : NARROWED_SHARE);
  if (together === 1 && pitched) return "settled";
  return together >= 1 && together <= MOST_NARROWED ? "narrowed" : "open";
}

/**
 * Parts candidates by how they stand under a verdict.
 * @param candidates most likely first; the likeliest alone, as a summary keeps them, part alike
 */
export function standingOf<Candidate extends Weighed>(
  verdict: Verdict,
  candidates: readonly Candidate[],
): Standing<Candidate> {
  const fallen = candidates.findIndex(({ probability }) => isRuledOut(probability));
  const standing = fallen < 0 ? candidates : candidates.slice(0, fallen);
  const share = verdict === "settled" ? SETTLED_SHARE : NARROWED_SHARE;
  const named = verdict === "settled" || verdict === "narrowed";
  const together = named ? holdingTogether(candidates, share) : standing.length;
  return {
    running: standing.slice(0, together),
    lessLikely: standing.slice(together),
    ruledOut: fallen < 0 ? [] : candidates.slice(fallen),
  };
}

/** Threads that fell: those nearest to a diameter that was read first, else the likeliest first. */
export function nearestFirst<Candidate extends { readonly thread: { readonly majorMm: number } }>(
  fallen: readonly Candidate[],
  majorMm: number | undefined,
): readonly Candidate[] {
  if (majorMm === undefined) return fallen;
  const distance = ({ thread }: Candidate) => Math.abs(thread.majorMm - majorMm);
  return [...fallen].sort((a, b) => distance(a) - distance(b));
}
