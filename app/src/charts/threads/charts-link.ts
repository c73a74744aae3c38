import { THREAD_FAMILIES, THREAD_SIDES } from "@root-gauge/core/lists";
import { QUALITIES } from "@root-gauge/core/identify/search";
import { changeCharts, type ChartsState } from "../../data/kept/charts-state";
import type { LinkParams } from "../../shell/use-linked-state";

/** What the address of the chart of threads may say. */
export type ChartsParams = Partial<
  Record<"q" | "side" | "quality" | "family" | "series" | "angle", string>
>;

/** A search and what it is narrowed to, as its address says them; the usual goes without saying. */
function chartsParams(state: ChartsState): ChartsParams {
  const { query, side, quality, family, series, flankAngleDeg } = state;
  return {
    ...(query.trim() === "" ? {} : { q: query.trim() }),
    ...(side === "external" ? {} : { side }),
    ...(quality === "medium" ? {} : { quality }),
    ...(family === undefined ? {} : { family }),
    ...(series === undefined ? {} : { series }),
    ...(flankAngleDeg === undefined ? {} : { angle: String(flankAngleDeg) }),
  };
}

/** Every word of the address, absent ones to be taken out of it. */
export const chartsAddress = (state: ChartsState): LinkParams => ({
  q: undefined,
  side: undefined,
  quality: undefined,
  family: undefined,
  series: undefined,
  angle: undefined,
  ...chartsParams(state),
});

const among = <Value extends string>(values: readonly Value[], text: string | undefined) =>
  values.find((value) => value === text);

/** Asks what an address says: all of it, and nothing that was asked before. */
export function takeChartsParams(params: LinkParams): void {
  const angle = Number(params.angle);
  changeCharts({
    query: (params.q ?? "").slice(0, 60),
    side: among(THREAD_SIDES, params.side) ?? "external",
    quality: among(QUALITIES, params.quality) ?? "medium",
    family: among(THREAD_FAMILIES, params.family),
    series: params.series,
    flankAngleDeg: params.angle !== undefined && Number.isFinite(angle) ? angle : undefined,
  });
}

/** The address of a search, to be shared. */
export function chartsPath(state: ChartsState): string {
  const query = new URLSearchParams(chartsParams(state)).toString();
  return query === "" ? "/charts" : `/charts?${query}`;
}
