import type { ChartDrillBasis, Drill, DrillSet, DrillSuits } from "../../mend/holes";

/** A drill as it is asked for: "8.5 mm", "27/64 in", "no. 7", "letter F". */
export function drillWords({ set, mark }: Drill): string {
  switch (set) {
    case "metric-tenths":
    case "metric-halves":
      return `${mark} mm`;
    case "fractional":
      return `${mark} in`;
    case "number":
      return `no. ${mark}`;
    case "letter":
      return `letter ${mark}`;
  }
}

export const DRILL_SET_WORDS: Readonly<Record<DrillSet, string>> = {
  "metric-tenths": "mm by 0.1",
  "metric-halves": "mm by 0.5",
  fractional: "1/64 in",
  number: "no. 1–80",
  letter: "A–Z",
};

export const DRILL_BASIS_WORDS: Readonly<Record<ChartDrillBasis, string>> = {
  "iso-2306": "ISO 2306: diameter less pitch",
  "inch-chart": "the inch drill chart",
  "taper-small-end": "the minor diameter at the small end, drilled only",
  "minor-limits": "the largest drill within the nut's minor diameter limits",
};

export const DRILL_SUITS_WORDS: Readonly<Record<DrillSuits, string>> = {
  good: "65–75 %: the usual",
  full: "fuller than usual: tough metal turns the tap hard",
  shallow: "shallow: for tough or deep holes",
  "too-full": "over 83 %: the tap may break, for little more strength",
  "too-shallow": "under half a thread: weak",
};
