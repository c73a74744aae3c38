import type { Units } from "@root-gauge/core";
import { searchThreads, type ThreadSearch } from "@root-gauge/core/search";
import { useMemo } from "react";
import type { ChartsState } from "../../data/charts-state";

/** What the search and the filters leave of the catalogue. */
export function useThreadSearch(state: ChartsState, units: Units): ThreadSearch {
  const { query, family, series, flankAngleDeg, side } = state;
  return useMemo(
    () =>
      searchThreads(query, {
        units,
        side,
        filter: {
          ...(family === undefined ? {} : { family }),
          ...(series === undefined ? {} : { series }),
          ...(flankAngleDeg === undefined ? {} : { flankAngleDeg }),
        },
      }),
    [query, units, side, family, series, flankAngleDeg],
  );
}
