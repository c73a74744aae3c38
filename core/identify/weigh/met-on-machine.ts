import { catalogue, type Thread } from "../../catalogue/threads";
import type { MetThreads } from "./met";

/** So many parts found on a machine weigh as much as what is known of its series beforehand. An estimate. */
const SERIES_PARTS = 8;

/** The same of the sizes of one series: a machine repeats its series more than its sizes. An estimate. */
const SIZE_PARTS = 12;

/** However seldom it is met elsewhere, what was found on a machine makes a series, or a size, at the most so much likelier. */
const MOST = 20;

/** Threads that are met together: those of one standard's series. */
export function seriesName({ family, series }: Pick<Thread, "family" | "series">): string {
  return family === "iso-metric" ? `metric ${series}` : series;
}

/** How much likelier something is that was found so many times among all. */
function likelier(share: number, found: number, all: number, weight: number): number {
  return share === 0 ? 1 : Math.min(MOST, (weight * share + found) / (weight + all) / share);
}

/**
 * The prior of another part of a machine on which these were found: machines are built in few series. A Dirichlet over the
 * series and one over the sizes of each, with what is known beforehand for their means.
 * @param prior of each thread in catalogue order, `held` in all
 * @param met how many places of the machine hold each thread, by its id
 */
export function priorOnMachine(prior: Float64Array, met: MetThreads, held: number): Float64Array {
  const threads = catalogue();
  const names = threads.map(seriesName);
  const shares = new Map<string, number>();
  const found = new Map<string, number>();
  let all = 0;
  threads.forEach(({ id }, at) => {
    const name = names[at] ?? "";
    const count = Math.max(0, met[id] ?? 0);
    all += count;
    shares.set(name, (shares.get(name) ?? 0) + (prior[at] ?? 0) / held);
    found.set(name, (found.get(name) ?? 0) + count);
  });
  if (all === 0) return prior;
  const weights = prior.map((share, at) => {
    const name = names[at] ?? "";
    const series = shares.get(name) ?? 0;
    const ofSeries = found.get(name) ?? 0;
    const count = Math.max(0, met[threads[at]?.id ?? ""] ?? 0);
    const within = series === 0 ? 0 : share / held / series;
    return (
      share *
      likelier(series, ofSeries, all, SERIES_PARTS) *
      likelier(within, count, ofSeries, SIZE_PARTS)
    );
  });
  const sum = weights.reduce((total, weight) => total + weight, 0);
  return weights.map((weight) => (held * weight) / sum);
}

/** How many of the parts found on a machine are of each series, the most first. */
export function seriesMet(met: MetThreads): readonly (readonly [name: string, count: number])[] {
  const counts = new Map<string, number>();
  for (const thread of catalogue()) {
    const count = met[thread.id] ?? 0;
    const name = seriesName(thread);
    if (count > 0) counts.set(name, (counts.get(name) ?? 0) + count);
  }
  return [...counts].sort((one, other) => other[1] - one[1]);
}
