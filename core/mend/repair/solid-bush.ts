import { chartDrill, type Drill } from "../holes";
import { catalogue, type Thread } from "../../catalogue/threads";
import type { Mm } from "../../measure";

export interface SolidBush {
  /** The thread that is tapped for it. */
  readonly outer: Thread;
  /** Left between its roots and the thread inside. */
  readonly wallMm: Mm;
  readonly drill: Drill;
}

/** Root diameter of an ISO external thread: D - 1.226869 P (ISO 68-1). */
const ROOT = 1.226869;
const LEAST_WALL_MM: Mm = 0.6;
const WALL_SHARE = 0.08;
const FINEST_MM: Mm = 1;
const COARSEST_MM: Mm = 2;
const FINEST_SHARE = 0.75;

const rootOf = ({ majorMm, pitchMm }: Thread) => majorMm - ROOT * pitchMm;

/**
 * The bush for a thread: the least fine ISO 261 thread of the first or second choice whose root leaves a wall, its pitch
 * the nearest to that inside. Rules of this product, not a standard's.
 * @returns undefined for a taper thread, or one too big for any
 */
export function solidBush(thread: Thread): SolidBush | undefined {
  if (thread.taper !== undefined) return undefined;
  const finest = Math.min(COARSEST_MM, Math.max(FINEST_MM, FINEST_SHARE * thread.pitchMm));
  const leastRoot = thread.majorMm + 2 * Math.max(LEAST_WALL_MM, WALL_SHARE * thread.majorMm);
  const [outer] = catalogue()
    .filter(
      ({ family, series, choice, pitchMm }) =>
        family === "iso-metric" &&
        series === "fine" &&
        choice < 3 &&
        pitchMm >= finest - 1e-9 &&
        pitchMm <= COARSEST_MM,
    )
    .filter((outside) => rootOf(outside) >= leastRoot)
    .toSorted(
      (a, b) =>
        a.majorMm - b.majorMm ||
        Math.abs(a.pitchMm - thread.pitchMm) - Math.abs(b.pitchMm - thread.pitchMm),
    );
  if (outer === undefined) return undefined;
  return {
    outer,
    wallMm: (rootOf(outer) - thread.majorMm) / 2,
    drill: chartDrill(outer).drill,
  };
}

/** A bore wider than this leaves too little of the bush's outer thread. */
export function widestBoreForBush({ majorMm, pitchMm }: Thread): Mm {
  return majorMm - 0.78 * pitchMm;
}
