import type { Units } from "@root-gauge/core";
import { searchThreads, type ThreadSearch } from "@root-gauge/core/identify/search";
import { useMemo } from "react";
import type { ChartsState } from "../../data/kept/charts-state";

type Asked = Pick<ChartsState, "query" | "family" | "series" | "flankAngleDeg" | "side">;

/** What a search and its filters leave of the catalogue. */
export function threadsFound(
  { query, family, series, flankAngleDeg, side }: Asked,
  units: Units,
): ThreadSearch {
  return searchThreads(query, {
    units,
    side,
    filter: {
      ...(family === undefined ? {} : { family }),
      ...(series === undefined ? {} : { series }),
      ...(flankAngleDeg === undefined ? {} : { flankAngleDeg }),
    },
  });
}

/** The same, worked out anew when what is asked changes, and not when a row is pinned. */
export function useThreadSearch(state: ChartsState, units: Units): ThreadSearch {
  const { query, family, series, flankAngleDeg, side } = state;
  return useMemo(
    () => threadsFound({ query, family, series, flankAngleDeg, side }, units),
    [query, units, side, family, series, flankAngleDeg],
  );
}
