import { FAMILY_WORDS, angleWords } from "@root-gauge/core";
import type { ChartsState } from "../../data/kept/charts-state";

/** What the table is narrowed to, in few words; empty when it is the whole catalogue. */
export function filterWords({ family, series, flankAngleDeg, side }: ChartsState): string {
  return [
    family === undefined ? "" : FAMILY_WORDS[family],
    series ?? "",
    flankAngleDeg === undefined ? "" : angleWords(flankAngleDeg),
    side === "internal" ? "in the bore" : "",
  ]
    .filter(Boolean)
    .join(" · ");
}
