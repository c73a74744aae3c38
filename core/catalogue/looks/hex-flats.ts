import type { Thread } from "../threads";
import { mmFromInches, type Mm } from "../../measure";
import { hexSpanner } from "./hex-spanner";

/** A hexagon that bolts or nuts of a thread are met with. */
export interface HexFlats {
  readonly acrossFlatsMm: Mm;
  readonly standard: string;
  /** The size of today's standard, not an older or a national one. */
  readonly usual: boolean;
}

/** Sizes that differ from ISO 4014: DIN 931/934 before it, and JIS B 1180 small hexagons; diameter, across flats, mm. */
const OTHER_METRIC: readonly (readonly [Mm, Mm, string])[] = [
  [10, 17, "DIN 931"],
  [12, 19, "DIN 931"],
  [14, 22, "DIN 931"],
  [22, 32, "DIN 931"],
  [8, 12, "JIS B 1180"],
  [10, 14, "JIS B 1180"],
  [12, 17, "JIS B 1180"],
];

/** BS 1083: from the 1940s BSW took the smaller hexagons of BSF; thread in thirty-seconds, across flats in inches. */
const BS_1083_BSW: readonly (readonly [number, number])[] = [
  [8, 0.445],
  [10, 0.525],
  [12, 0.6],
  [14, 0.71],
  [16, 0.82],
  [18, 0.92],
  [20, 1.01],
  [24, 1.2],
  [28, 1.3],
  [32, 1.48],
];

function others(thread: Thread): HexFlats[] {
  if (thread.family === "iso-metric") {
    return OTHER_METRIC.filter(([diameter]) => diameter === thread.majorMm).map(
      ([, acrossFlatsMm, standard]) => ({ acrossFlatsMm, standard, usual: false }),
    );
  }
  if (thread.series !== "BSW") return [];
  return BS_1083_BSW.filter(([size]) => mmFromInches(size / 32) === thread.majorMm).map(
    ([, inches]) => ({ acrossFlatsMm: mmFromInches(inches), standard: "BS 1083", usual: false }),
  );
}

/** Every hexagon a bolt of this thread is met with, the usual one first; none for threads without hexagon bolts. */
export function hexFlats(thread: Thread): readonly HexFlats[] {
  const spanner = hexSpanner(thread);
  const usual =
    spanner === undefined
      ? []
      : [{ acrossFlatsMm: spanner.acrossFlatsMm, standard: spanner.standard, usual: true }];
  return [...usual, ...others(thread)];
}
