import type { Mm } from "../../measure";
import { lossCumulative, lossDensity, normalCumulative, normalDensity } from "./distributions";
import type { PartCondition, ReadingOf } from "./reading";

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

/**
 * What share of parts lies inside its band, has lost metal, or has gained some, and by how much on the average, mm, on
 * diameter. Estimates.
 */
interface ConditionModel {
  readonly sound: number;
  readonly lost: number;
  readonly gained: number;
  /** Of screws of which nobody said: dipped, painted or rusted thick. */
  readonly thick?: number;
  readonly meanLoss: (width: Mm) => Mm;
  readonly meanGain: (width: Mm) => Mm;
}

/** So much at least, and a share of the band. */
const someLoss = (width: Mm) => 0.04 + 0.4 * width;
const thinCoat = (width: Mm) => 0.015 + 0.1 * width;
/** Hot-dip zinc is 40 to 85 um thick a side, with lumps (ISO 1461, ISO 10684). */
const thickCoat = (width: Mm) => 0.12 + 0.2 * width;
const usual = { meanLoss: someLoss, meanGain: thinCoat };

const CONDITIONS: Readonly<Record<PartCondition | "not-said", ConditionModel>> = {
  "not-said": { sound: 0.875, lost: 0.09, gained: 0.02, thick: 0.015, ...usual },
  sound: { sound: 0.975, lost: 0.02, gained: 0.005, ...usual },
  worn: { sound: 0.4, lost: 0.58, gained: 0.02, ...usual },
  rusted: { sound: 0.3, lost: 0.4, gained: 0.3, meanLoss: someLoss, meanGain: thickCoat },
  plated: { sound: 0.78, lost: 0.04, gained: 0.18, ...usual },
  galvanised: { sound: 0.1, lost: 0.05, gained: 0.85, meanLoss: someLoss, meanGain: thickCoat },
  cheap: { sound: 0.35, lost: 0.63, gained: 0.02, ...usual },
  painted: { sound: 0.3, lost: 0.05, gained: 0.65, meanLoss: someLoss, meanGain: thickCoat },
};

/** A nut for dipped bolts is tapped over size after dipping (ISO 10684): its bore is wide, as if it had lost metal. */
const BORES: Partial<Record<PartCondition | "not-said", ConditionModel>> = {
  galvanised: {
    sound: 0.3,
    lost: 0.65,
    gained: 0.05,
    meanLoss: (width) => 0.1 + 0.5 * width,
    meanGain: thinCoat,
  },
};

/** Over the crests of a screw, or in the bore of a nut. */
export type SizeTaken = "crests" | "bore";

function modelOf(condition: PartCondition | undefined, taken: SizeTaken): ConditionModel {
  const key = condition ?? "not-said";
  return (taken === "bore" ? BORES[key] : undefined) ?? CONDITIONS[key];
}

/** A condition that was stated accounts for so many mean losses or gains, and hardly for twice as many. */
const ACCOUNTED = 3;
/** Under this share a stated condition does not speak of that direction. */
const SPEAKS = 0.1;

/**
 * How far outside its band a stated condition accounts for, mm; none where nothing was stated, or nothing that speaks of
 * that direction.
 */
export function accountedFor(
  condition: PartCondition | undefined,
  taken: SizeTaken,
  direction: "lost" | "gained",
  widthMm: Mm,
): Mm {
  if (condition === undefined) return 0;
  const model = modelOf(condition, taken);
  if (model[direction] < SPEAKS) return 0;
  return ACCOUNTED * (direction === "lost" ? model.meanLoss : model.meanGain)(widthMm);
}

/** A made part lies mostly about the middle of its band: sd a fifth of it. */
const PART_SD_OF_BAND = 0.27;

/** Farther out than this many mean losses the density is nothing beside any blunder. */
const OUT_OF_REACH = 40;

function outOfReach(mm: Mm, { minMm, maxMm }: SizeBand, sdMm: Mm): boolean {
  const reach = OUT_OF_REACH * someLoss(maxMm - minMm) + 8 * sdMm;
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
  condition?: PartCondition,
  taken: SizeTaken = "crests",
): number {
  if (outOfReach(mm, band, sdMm)) return 0;
  const width = band.maxMm - band.minMm;
  const middle = (band.minMm + band.maxMm) / 2;
  const sd = Math.hypot(width * PART_SD_OF_BAND, sdMm);
  const model = modelOf(condition, taken);
  return (
    model.sound * skewedDensity(mm, middle, skewMm, sd) +
    model.lost * lossDensity(mm, middle, model.meanLoss(width), sd) +
    model.gained * lossDensity(-mm, -middle, model.meanGain(width), sd) +
    (model.thick === undefined || taken === "bore"
      ? 0
      : model.thick * lossDensity(-mm, -middle, thickCoat(width), sd))
  );
}

/** How likely a part is to have lost metal, and how much it would be, mm on diameter. */
export interface LostMetal {
  readonly share: number;
  readonly mm: Mm;
}

/** Of parts made to a band that measure so much over the crests, how many have lost metal, and how much those have lost. */
export function lostOf(mm: Mm, band: SizeBand, condition?: PartCondition): LostMetal {
  const width = band.maxMm - band.minMm;
  const middle = (band.minMm + band.maxMm) / 2;
  const model = modelOf(condition, "crests");
  const sd = width * PART_SD_OF_BAND;
  const lost = model.lost * lossDensity(mm, middle, model.meanLoss(width), sd);
  const all = sizeDensity(mm, band, { sdMm: 0, skewMm: 0 }, condition);
  return { share: all > 0 ? lost / all : 0, mm: Math.max(0, middle - mm) };
}

/** Normal with a mean skew to the low side (positive) or, of a mirrored bore, to the high side (negative). */
function skewedDensity(mm: Mm, middle: Mm, skewMm: Mm, sd: number): number {
  if (skewMm === 0) return normalDensity(mm, middle, sd);
  return skewMm > 0 ? lossDensity(mm, middle, skewMm, sd) : lossDensity(-mm, -middle, -skewMm, sd);
}

/** Probability that the true size of an external part lies over one gauge hole and not over the next. */
export function sizeBetween(
  { overMm, notOverMm, condition }: ReadingOf<"diameter-between">,
  band: SizeBand,
  sdMm: Mm,
): number {
  const width = band.maxMm - band.minMm;
  const middle = (band.minMm + band.maxMm) / 2;
  const sd = Math.hypot(width * PART_SD_OF_BAND, sdMm);
  const model = modelOf(condition, "crests");
  const under = (mm: Mm) =>
    model.sound * normalCumulative((mm - middle) / sd) +
    model.lost * lossCumulative(mm, middle, model.meanLoss(width), sd) +
    model.gained * (1 - lossCumulative(-mm, -middle, model.meanGain(width), sd)) +
    (model.thick ?? 0) * (1 - lossCumulative(-mm, -middle, thickCoat(width), sd));
  return Math.max(0, under(notOverMm) - under(overMm));
}
