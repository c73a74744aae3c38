import { optionKey, type RepairWork } from "@root-gauge/core/mend/repair";

/** The repair that stands next under the chosen one, by its key. */
export function nextRepair({ options, chosen }: RepairWork): string | undefined {
  const offered = options.filter(({ verdict }) => verdict !== "refused").map(optionKey);
  return chosen === undefined ? undefined : offered[offered.indexOf(optionKey(chosen)) + 1];
}
