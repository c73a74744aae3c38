import type { Mm } from "../units";
import { lossCumulative, lossDensity, normalCumulative, normalDensity } from "./distributions";
import type { PartCondition } from "./reading";

/** Limits of one diameter in its usual class, mm. */
export interface SizeBand {
  readonly minMm: Mm;
  readonly maxMm: Mm;
}

/** How a size is read: spread of the instrument and the hand, and how much a skewed hold reads low on the average. */
export interface ReadingSpread {
  readonly sdMm: Mm;
  readonly skewMm: Mm;
}

/** What share of parts lies inside its band, has lost metal, or has gained some (plating, paint, rust). */
interface Shares {
  readonly sound: number;
  readonly lost: number;
  readonly gained: number;
}

const CONDITION_SHARES: Readonly<Record<PartCondition | "not-said", Shares>> = {
  "not-said": { sound: 0.89, lost: 0.09, gained: 0.02 },
  sound: { sound: 0.975, lost: 0.02, gained: 0.005 },
  worn: { sound: 0.4, lost: 0.58, gained: 0.02 },
  plated: { sound: 0.78, lost: 0.04, gained: 0.18 },
};

/** A made part lies mostly about the middle of its band: sd a fifth of it. */
const PART_SD_OF_BAND = 1 / 5;

/** Means of the one-sided tails, mm: so much at least, and a share of the band. */
const meanLoss = (width: Mm) => 0.04 + 0.4 * width;
const meanGain = (width: Mm) => 0.015 + 0.1 * width;

/** Farther out than this many mean losses the density is nothing beside any blunder. */
const OUT_OF_REACH = 40;

function outOfReach(mm: Mm, { minMm, maxMm }: SizeBand, sdMm: Mm): boolean {
  const reach = OUT_OF_REACH * meanLoss(maxMm - minMm) + 8 * sdMm;
  return mm < minMm - reach || mm > maxMm + reach;
}

/**
 * Density of a reading of a part made to a band: an external diameter, whose lost metal reads low.
 * For a bore mirror reading, band and skew: its lost metal reads high.
 */
export function sizeDensity(
  mm: Mm,
  band: SizeBand,
  { sdMm, skewMm }: ReadingSpread,
  condition: PartCondition | "not-said" = "not-said",
): number {
  if (outOfReach(mm, band, sdMm)) return 0;
  const width = band.maxMm - band.minMm;
  const middle = (band.minMm + band.maxMm) / 2;
  const sd = Math.hypot(width * PART_SD_OF_BAND, sdMm);
  const shares = CONDITION_SHARES[condition];
  return (
    shares.sound * skewedDensity(mm, middle, skewMm, sd) +
    shares.lost * lossDensity(mm, middle, meanLoss(width), sd) +
    shares.gained * lossDensity(-mm, -middle, meanGain(width), sd)
  );
}

/** Normal with a mean skew to the low side (positive) or, of a mirrored bore, to the high side (negative). */
function skewedDensity(mm: Mm, middle: Mm, skewMm: Mm, sd: number): number {
  if (skewMm === 0) return normalDensity(mm, middle, sd);
  return skewMm > 0 ? lossDensity(mm, middle, skewMm, sd) : lossDensity(-mm, -middle, -skewMm, sd);
}

/** Probability that the true size of an external part lies over one gauge hole and not over the next. */
export function sizeBetween(overMm: Mm, notOverMm: Mm, band: SizeBand, sdMm: Mm): number {
  const width = band.maxMm - band.minMm;
  const middle = (band.minMm + band.maxMm) / 2;
  const sd = Math.hypot(width * PART_SD_OF_BAND, sdMm);
  const shares = CONDITION_SHARES["not-said"];
  const under = (mm: Mm) =>
    shares.sound * normalCumulative((mm - middle) / sd) +
    shares.lost * lossCumulative(mm, middle, meanLoss(width), sd) +
    shares.gained * (1 - lossCumulative(-mm, -middle, meanGain(width), sd));
  return Math.max(0, under(notOverMm) - under(overMm));
}
