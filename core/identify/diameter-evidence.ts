import { sizesOverCrests, toleranceClasses, type Thread } from "../threads";
import type { Mm } from "../units";
import type { Evidence } from "./evidence";
import type { DiameterInstrument, ReadingOf } from "./reading";
import type { Agreement, ReasonFigures } from "./reason";
import {
  accountedFor,
  sizeBetween,
  sizeDensity,
  type ReadingSpread,
  type SizeBand,
} from "./size-model";

type DiameterReading = ReadingOf<"external-diameter">;
type BetweenReading = ReadingOf<"diameter-between">;

/** A careful reading over the crests: spread of instrument and technique together, and the mean skew of the hold. */
export const OVER_CRESTS: Readonly<Record<DiameterInstrument, ReadingSpread>> = {
  caliper: { sdMm: 0.02, skewMm: 0.012 },
  micrometer: { sdMm: 0.005, skewMm: 0.006 },
  rule: { sdMm: 0.3, skewMm: 0 },
};

/** A gauge hole is made to about this, mm. */
export const GAUGE_SD = 0.01;

/** Chance that the figure is plainly wrong: jaws not zeroed, a digit slipped, the wrong thing measured. */
export const BLUNDER = 1e-4;

/** Diameters a part on the bench may have, 0.5 to 200 mm: a blunder or an unknown thread is even over their logarithm. */
const LOG_DIAMETER_SPAN = Math.log(200 / 0.5);

/** Density of a diameter of which nothing is known. */
export function backgroundDensity(mm: Mm): number {
  return 1 / (mm * LOG_DIAMETER_SPAN);
}

/** Probability that a diameter of which nothing is known lies between two gauge holes. */
export function backgroundBetween({ overMm, notOverMm }: BetweenReading): number {
  return Math.max(1e-6, Math.log(notOverMm / Math.max(overMm, 0.01)) / LOG_DIAMETER_SPAN);
}

interface MajorBand extends SizeBand {
  readonly toleranceClass: string;
}

const bands = new Map<string, MajorBand | null>();

/** The external major diameter's limits in the usual class, worked out once a thread; undefined for one that is only internal. */
function majorBand(thread: Thread): MajorBand | undefined {
  const known = bands.get(thread.id);
  if (known !== undefined) return known ?? undefined;
  const sizes = sizesOverCrests(thread);
  const [toleranceClass = ""] = toleranceClasses(thread, "external");
  const band = sizes && { minMm: sizes.min, maxMm: sizes.max, toleranceClass };
  bands.set(thread.id, band ?? null);
  return band;
}

/** Density of this size over the crests for a thread, blunders included. */
export function crestsLikelihood(
  mm: Mm,
  thread: Thread,
  spread: ReadingSpread,
  condition?: DiameterReading["condition"],
): number {
  const band = majorBand(thread);
  const blunder = BLUNDER * backgroundDensity(mm);
  if (band === undefined) return blunder;
  return (1 - BLUNDER) * sizeDensity(mm, band, spread, condition) + blunder;
}

function reason(reading: DiameterReading, thread: Thread): ReasonFigures {
  const band = majorBand(thread);
  if (band === undefined) return { code: "internal-only", agreement: "at-odds" };
  const { minMm, maxMm, toleranceClass } = band;
  const { mm } = reading;
  if (mm >= minMm && mm <= maxMm) {
    return { code: "diameter-inside", agreement: "agrees", mm, minMm, maxMm };
  }
  const under = mm < minMm;
  const byMm = under ? minMm - mm : mm - maxMm;
  const { sdMm } = OVER_CRESTS[reading.instrument ?? "caliper"];
  const widthMm = maxMm - minMm;
  const direction = under ? "lost" : "gained";
  const stated = accountedFor(reading.condition, "crests", direction, widthMm);
  return {
    code: under ? "diameter-under" : "diameter-over",
    agreement: outsideAgreement(byMm, sdMm, under ? 0.04 + 0.5 * widthMm : 0.02, stated),
    mm,
    minMm,
    maxMm,
    byMm,
    toleranceClass,
  };
}

/**
 * Outside the band by up to two instrument deviations agrees; wear or plating that nobody stated stretches that by
 * `slack`, and what a stated condition accounts for agrees.
 */
export function outsideAgreement(byMm: Mm, sdMm: Mm, slack: Mm, stated: Mm): Agreement {
  if (byMm <= 2 * sdMm + stated) return "agrees";
  return byMm <= 3 * sdMm + Math.max(slack, 2 * stated) ? "strained" : "at-odds";
}

/** A reading over the crests of an external thread, against the band of its major diameter. */
export const diameterEvidence: Evidence<"external-diameter"> = {
  likelihood: ({ mm, instrument = "caliper", condition }, thread) =>
    crestsLikelihood(mm, thread, OVER_CRESTS[instrument], condition),
  unknownLikelihood: ({ mm }) => backgroundDensity(mm),
  reason,
};

function betweenReason(reading: BetweenReading, thread: Thread): ReasonFigures {
  const band = majorBand(thread);
  if (band === undefined) return { code: "internal-only", agreement: "at-odds" };
  const { overMm, notOverMm } = reading;
  const { minMm, maxMm } = band;
  const byMm = Math.max(0, minMm - notOverMm, overMm - maxMm);
  const under = minMm > notOverMm;
  const widthMm = maxMm - minMm;
  const slack = under ? 0.04 + 0.5 * widthMm : 0.02;
  const stated = accountedFor(reading.condition, "crests", under ? "lost" : "gained", widthMm);
  return {
    code: "diameter-between",
    agreement: outsideAgreement(byMm, GAUGE_SD, slack, stated),
    overMm,
    notOverMm,
    minMm,
    maxMm,
  };
}

/** The last gauge hole that it did not enter and the first that it did. */
export const betweenEvidence: Evidence<"diameter-between"> = {
  likelihood: (reading, thread) => {
    const band = majorBand(thread);
    const blunder = BLUNDER * backgroundBetween(reading);
    if (band === undefined) return blunder;
    const inside = sizeBetween(reading, band, GAUGE_SD);
    return (1 - BLUNDER) * inside + blunder;
  },
  unknownLikelihood: backgroundBetween,
  reason: betweenReason,
};
