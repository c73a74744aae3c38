import { catalogue, threadById } from "../../catalogue/threads";
import { commonnessWeight } from "./commonness";
import type { PartKind } from "./part";

/** What a workshop has met: how many parts of each thread, by its id. */
export type MetThreads = Readonly<Record<string, number>>;

/** Before so many parts a workshop's own counts say less than the table does. */
export const LEAST_MET = 30;

/** So many parts of its own weigh as much as the table. An estimate. */
const TABLE_PARTS = 150;

/** Parts counted, of threads that are held. */
export function partsMet(met: MetThreads): number {
  return Object.entries(met).reduce(
    (sum, [id, count]) => sum + (threadById(id) === undefined ? 0 : Math.max(0, count)),
    0,
  );
}

/** A thread that is not made as this kind of part was counted on others. */
function shareOnKind(at: number, part: PartKind | undefined): number {
  const thread = catalogue()[at];
  if (thread === undefined || part === undefined) return 1;
  const all = commonnessWeight(thread);
  return all === 0 ? 1 : Math.min(1, commonnessWeight(thread, part) / all);
}

/**
 * The prior after so many parts of a workshop's own: a Dirichlet over the threads with the table's shares for its mean, to
 * which the counts are added; as it was under thirty parts.
 * @param prior of each thread in catalogue order, `held` in all
 */
export function priorAfterMet(
  prior: Float64Array,
  met: MetThreads,
  held: number,
  part?: PartKind,
): Float64Array {
  const total = partsMet(met);
  if (total < LEAST_MET) return prior;
  const threads = catalogue();
  const weights = prior.map((share, at) => {
    const count = Math.max(0, met[threads[at]?.id ?? ""] ?? 0);
    return (TABLE_PARTS * share) / held + count * shareOnKind(at, part);
  });
  const sum = weights.reduce((all, weight) => all + weight, 0);
  return weights.map((weight) => (held * weight) / sum);
}
