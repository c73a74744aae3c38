import {
  threadColumnHeads,
  threadRow,
  type ThreadColumn,
  type ThreadRowOptions,
} from "@root-gauge/core/say/charts";
import type { ThreadHit } from "@root-gauge/core/identify/search";

/** The rows of the table as text, in the units and the class shown, for a file or to paste. */
export function tableText(
  hits: readonly ThreadHit[],
  options: ThreadRowOptions,
): { heads: readonly string[]; rows: readonly (readonly string[])[] } {
  const heads = threadColumnHeads(options);
  const columns = Object.keys(heads) as ThreadColumn[];
  return {
    heads: columns.map((column) => heads[column]),
    rows: hits.map(({ thread }) => {
      const cells = threadRow(thread, options);
      return columns.map((column) => cells[column]);
    }),
  };
}
