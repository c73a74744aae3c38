import type { NutStyle } from "./nut-styles";
import { goesByInches, pairAt, spannerFor, type MadeTo } from "../heads";
import { hexSpanner } from "../looks";
import type { Thread } from "../threads";
import type { Mm } from "../../measure";
import { CASTLE_PINS, INCH_HEIGHTS, MADE_TO_HEIGHTS, METRIC_HEIGHTS } from "./nut-heights";
import { OF_BOLTS, inchFlats, metricFlats } from "./nut-flats";

/** A nut's true dimensions, mm. */
export interface NutSize {
  /** Absent where no table here has it. */
  readonly acrossFlatsMm?: Mm;
  readonly heightMm: Mm;
  /** Diameter of a castle nut's pin. */
  readonly pinMm?: Mm;
  /** Absent when the height is a proportion, not a standard's. */
  readonly standard?: string;
}

/** Heights as proportions of the diameter where no table here has them. */
const PROPORTIONS: Readonly<Record<NutStyle, number>> = {
  hex: 0.875,
  heavy: 1,
  thin: 0.5,
  "nylon-insert": 1.1,
  "all-metal": 1,
  flange: 1,
  castle: 1.25,
  dome: 1.8,
  wing: 0.8,
  coupling: 3,
  weld: 0.8,
  square: 0.8,
};

/** Across the flats of a nut by its own standard; undefined where no table here has it. */
function flatsOf(style: NutStyle, thread: Thread, madeTo: MadeTo | undefined): Mm | undefined {
  if (style === "wing") return undefined;
  if (thread.family === "iso-metric") {
    const other = madeTo === undefined ? undefined : spannerFor(thread, madeTo)?.acrossFlatsMm;
    return other ?? metricFlats(style, thread);
  }
  if (thread.family === "unified") return inchFlats(style, thread);
  return OF_BOLTS.has(style) ? hexSpanner(thread)?.acrossFlatsMm : undefined;
}

/**
 * A nut's across flats and height by its standard; the height a proportion (then without a standard), and no width, where
 * no table here has it.
 * @param madeTo the standard that was written, where it is another than today's
 */
export function nutSize(style: NutStyle, thread: Thread, madeTo?: MadeTo): NutSize {
  const inches = goesByInches(thread);
  const unifiedOrMetric = thread.family === "unified" || thread.family === "iso-metric";
  const own = madeTo === undefined ? undefined : MADE_TO_HEIGHTS[madeTo];
  const table =
    own ?? (unifiedOrMetric ? (inches ? INCH_HEIGHTS : METRIC_HEIGHTS)[style] : undefined);
  const heightMm = table === undefined ? undefined : pairAt(table.heights, thread, inches);
  const acrossFlatsMm = flatsOf(style, thread, madeTo);
  const pinMm = style === "castle" && !inches ? pairAt(CASTLE_PINS, thread, false) : undefined;
  return {
    ...(acrossFlatsMm === undefined ? {} : { acrossFlatsMm }),
    heightMm: heightMm ?? PROPORTIONS[style] * thread.majorMm,
    ...(pinMm === undefined ? {} : { pinMm }),
    ...(heightMm === undefined || table === undefined ? {} : { standard: table.standard }),
  };
}
