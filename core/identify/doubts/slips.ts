import { hexFlats } from "../../catalogue/looks";
import { catalogue, type Thread } from "../../catalogue/threads";
import { MM_PER_INCH, type Mm } from "../../measure";
import { commonnessWeight } from "../weigh";
import { distanceFrom, showsFlats } from "./shown-sizes";

/** What may have gone wrong with a diameter that no thread shows. `words` makes the sentence. */
export type Slip =
  /** The figure would be this thread's, had it been taken in the other unit. */
  | {
      readonly code: "unit";
      readonly thread: Thread;
      readonly figure: number;
      readonly meant: "mm" | "in";
      /** What it then is. */
      readonly mm: Mm;
    }
  /** It is what a hexagon of this thread measures across the flats. */
  | { readonly code: "across-flats"; readonly thread: Thread; readonly mm: Mm }
  /** A thread is this much away: the jaws were not zeroed, or held askew. */
  | { readonly code: "zero"; readonly thread: Thread; readonly byMm: Mm };

/** A thread shows this size when it lies within its limits or so little outside, mm. */
const NEAR_MM = 0.05;

/** As far as jaws that were not zeroed are likely to be out, mm. */
const MOST_ZERO_ERROR_MM = 1;

function commonest(threads: readonly Thread[]): Thread | undefined {
  return threads.reduce<Thread | undefined>(
    (best, thread) =>
      best === undefined || commonnessWeight(thread) > commonnessWeight(best) ? thread : best,
    undefined,
  );
}

/** The commonest thread of that size, one of the unit's own before one of the other's. */
function showing(mm: Mm, meant: "mm" | "in"): Thread | undefined {
  const near = catalogue().filter((thread) => distanceFrom(mm, thread) <= NEAR_MM);
  const own = near.filter(({ majorInch }) => (majorInch !== undefined) === (meant === "in"));
  return commonest(own.length > 0 ? own : near);
}

function unitSlips(mm: Mm): Slip[] {
  const figures = [
    { meant: "mm", figure: mm / MM_PER_INCH, mm: mm / MM_PER_INCH },
    { meant: "in", figure: mm, mm: mm * MM_PER_INCH },
  ] as const;
  return figures.flatMap((slip): Slip[] => {
    const thread = showing(slip.mm, slip.meant);
    return thread === undefined ? [] : [{ code: "unit", thread, ...slip }];
  });
}

function flatsSlips(mm: Mm): Slip[] {
  const thread = commonest(
    catalogue().filter((candidate) =>
      hexFlats(candidate).some(
        ({ acrossFlatsMm, usual }) => usual && showsFlats(mm, acrossFlatsMm, NEAR_MM),
      ),
    ),
  );
  return thread === undefined ? [] : [{ code: "across-flats", thread, mm }];
}

function zeroSlips(mm: Mm): Slip[] {
  const nearest = catalogue().reduce<{ thread?: Thread; byMm: Mm }>(
    (best, thread) => {
      const byMm = distanceFrom(mm, thread);
      return byMm < best.byMm ? { thread, byMm } : best;
    },
    { byMm: Infinity },
  );
  const { thread, byMm } = nearest;
  return thread === undefined || byMm > MOST_ZERO_ERROR_MM ? [] : [{ code: "zero", thread, byMm }];
}

/**
 * What may have gone wrong with a diameter over the crests, the likeliest slip first: a thread close by, the other
 * unit, across the flats instead of over the crests.
 */
export function likelySlips(mm: Mm): readonly Slip[] {
  return [...zeroSlips(mm), ...unitSlips(mm), ...flatsSlips(mm)];
}
