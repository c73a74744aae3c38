export function print(line: string): void {
  process.stdout.write(`${line}\n`);
}

/** The value under which the given share of the values lies. */
export function quantile(values: readonly number[], share: number): number {
  const sorted = [...values].sort((a, b) => a - b);
  return sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))] ?? Number.NaN;
}

/** "median 0.512 ms, p95 0.700 ms, most 1.203 ms". */
export function spreadWords(times: readonly number[], decimals = 3): string {
  const figure = (share: number) => quantile(times, share).toFixed(decimals);
  return `median ${figure(0.5)} ms, p95 ${figure(0.95)} ms, most ${Math.max(...times).toFixed(decimals)} ms`;
}

/** How long each of some runs takes, ms, after a warm-up. */
export function timed(run: () => void, runs: number, warmUp = 0): number[] {
  return Array.from({ length: runs + warmUp }, () => {
    const start = performance.now();
    run();
    return performance.now() - start;
  }).slice(warmUp);
}
