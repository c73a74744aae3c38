import { sizesOverCrests, toleranceClasses, type Thread } from "../threads";
import { lossDensity, normalDensity } from "./distributions";
import type { Evidence } from "./evidence";
import type { PartCondition, ReadingOf } from "./reading";
import type { Agreement, ReasonFigures } from "./reason";

type DiameterReading = ReadingOf<"external-diameter">;

/** Standard deviation of a careful reading over the crests, mm: instrument and technique together. */
const INSTRUMENT_SD = { caliper: 0.02, micrometer: 0.005, rule: 0.3 } as const;

/** Chance that the figure is plainly wrong: jaws not zeroed, a digit slipped, the wrong thing measured. */
const BLUNDER = 1e-4;

/** Diameters a part on the bench may have, 0.5 to 200 mm: a blunder or an unknown thread is even over their logarithm. */
const LOG_DIAMETER_SPAN = Math.log(200 / 0.5);

/** What share of parts lies inside its band, has lost metal, or has gained some (plating, paint, rust). */
const CONDITION_SHARES: Readonly<
  Record<PartCondition | "not-said", { sound: number; lost: number; gained: number }>
> = {
  "not-said": { sound: 0.89, lost: 0.09, gained: 0.02 },
  sound: { sound: 0.975, lost: 0.02, gained: 0.005 },
  worn: { sound: 0.4, lost: 0.58, gained: 0.02 },
  plated: { sound: 0.78, lost: 0.04, gained: 0.18 },
};

interface MajorBand {
  readonly minMm: number;
  readonly maxMm: number;
  readonly toleranceClass: string;
}

const bands = new Map<string, MajorBand | undefined>();

/** The external major diameter's limits in the usual class, worked out once a thread; undefined for one that is only internal. */
function majorBand(thread: Thread): MajorBand | undefined {
  if (bands.has(thread.id)) return bands.get(thread.id);
  const sizes = sizesOverCrests(thread);
  const [toleranceClass = ""] = toleranceClasses(thread, "external");
  const band = sizes && { minMm: sizes.min, maxMm: sizes.max, toleranceClass };
  bands.set(thread.id, band);
  return band;
}

function backgroundDensity(mm: number): number {
  return 1 / (mm * LOG_DIAMETER_SPAN);
}

function likelihood(reading: DiameterReading, thread: Thread): number {
  const band = majorBand(thread);
  if (band === undefined) return BLUNDER * backgroundDensity(reading.mm);
  const { minMm, maxMm } = band;
  const width = maxMm - minMm;
  const middle = (minMm + maxMm) / 2;
  // A made part lies mostly about the middle of its band: sd a fifth of it.
  const sd = Math.hypot(width / 5, INSTRUMENT_SD[reading.instrument ?? "caliper"]);
  const shares = CONDITION_SHARES[reading.condition ?? "not-said"];
  const meanLoss = 0.04 + 0.4 * width;
  const meanGain = 0.015 + 0.1 * width;
  const density =
    shares.sound * normalDensity(reading.mm, middle, sd) +
    shares.lost * lossDensity(reading.mm, middle, meanLoss, sd) +
    shares.gained * lossDensity(-reading.mm, -middle, meanGain, sd);
  return (1 - BLUNDER) * density + BLUNDER * backgroundDensity(reading.mm);
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
  return {
    code: under ? "diameter-under" : "diameter-over",
    agreement: outsideAgreement(reading, byMm, under ? 0.04 + 0.5 * (maxMm - minMm) : 0.02),
    mm,
    minMm,
    maxMm,
    byMm,
    toleranceClass,
  };
}

/** Outside the band by up to two instrument deviations agrees; wear or plating stretches that by `slack`. */
function outsideAgreement(reading: DiameterReading, byMm: number, slack: number): Agreement {
  const sd = INSTRUMENT_SD[reading.instrument ?? "caliper"];
  if (byMm <= 2 * sd) return "agrees";
  return byMm <= 3 * sd + slack ? "strained" : "at-odds";
}

/** A reading over the crests of an external thread, against the band of its major diameter. */
export const diameterEvidence: Evidence<"external-diameter"> = {
  likelihood,
  unknownLikelihood: (reading) => backgroundDensity(reading.mm),
  reason,
};
