import { limits, taperLengths, toleranceClasses, type Thread } from "../../catalogue/threads";
import { outsideAgreement } from "./agreement";
import type { Evidence } from "./evidence";
import { BLUNDER, backgroundDensity, unknownDensity } from "./misread";
import type { BoreInstrument, ReadingOf } from "./reading";
import type { ReasonFigures } from "./reason";
import { accountedFor, sizeDensity, type ReadingSpread, type SizeBand } from "./size-model";

type BoreReading = ReadingOf<"internal-diameter">;

/** Inside jaws lie as chords and read low; a pin or drill that enters is at the most the size of the bore. */
export const IN_BORE: Readonly<Record<BoreInstrument, ReadingSpread>> = {
  caliper: { sdMm: 0.04, skewMm: 0.03 },
  pin: { sdMm: 0.015, skewMm: 0.05 },
};

interface MinorBand extends SizeBand {
  readonly toleranceClass: string;
}

const bands = new Map<string, MinorBand | null>();

/** The internal minor diameter's limits in the usual class; on a taper from as deep as the useful thread to the mouth. */
function minorBand(thread: Thread): MinorBand | undefined {
  const known = bands.get(thread.id);
  if (known !== undefined) return known ?? undefined;
  const band = makeBand(thread);
  bands.set(thread.id, band ?? null);
  return band;
}

function makeBand(thread: Thread): MinorBand | undefined {
  const [toleranceClass] = toleranceClasses(thread, "internal");
  if (thread.only === "external" || toleranceClass === undefined) return undefined;
  const { minor } = limits(thread, "internal");
  const min = minor.min ?? minor.max;
  const max = minor.max ?? minor.min;
  if (min === undefined || max === undefined) return undefined;
  const lengths = taperLengths(thread);
  const narrowing = (lengths?.gaugeMm ?? 0) * (thread.taper ?? 0);
  return { minMm: min - narrowing, maxMm: max, toleranceClass };
}

function likelihood(reading: BoreReading, thread: Thread): number {
  const blunder = BLUNDER * backgroundDensity(reading.mm);
  const band = minorBand(thread);
  if (band === undefined) return blunder;
  const { sdMm, skewMm } = IN_BORE[reading.instrument ?? "caliper"];
  // A bore that has lost metal is larger, so reading, band and skew are mirrored.
  const mirrored = { minMm: -band.maxMm, maxMm: -band.minMm };
  const spread = { sdMm, skewMm: -skewMm };
  const density = sizeDensity(-reading.mm, mirrored, spread, reading.condition, "bore");
  return (1 - BLUNDER) * density + blunder;
}

function reason(reading: BoreReading, thread: Thread): ReasonFigures {
  const band = minorBand(thread);
  if (band === undefined) return { code: "external-only", agreement: "at-odds" };
  const { minMm, maxMm, toleranceClass } = band;
  const { mm } = reading;
  if (mm >= minMm && mm <= maxMm) {
    return { code: "bore-inside", agreement: "agrees", mm, minMm, maxMm };
  }
  const over = mm > maxMm;
  const byMm = over ? mm - maxMm : minMm - mm;
  const { sdMm, skewMm } = IN_BORE[reading.instrument ?? "caliper"];
  const widthMm = maxMm - minMm;
  const slack = over ? 0.04 + 0.5 * widthMm : 2 * skewMm;
  const stated = accountedFor(reading.condition, "bore", over ? "lost" : "gained", widthMm);
  return {
    code: over ? "bore-over" : "bore-under",
    agreement: outsideAgreement(byMm, sdMm, slack, stated),
    mm,
    minMm,
    maxMm,
    byMm,
    toleranceClass,
  };
}

/** The bore of a nut or a tapped hole, against the band of its minor diameter. */
export const boreEvidence: Evidence<"internal-diameter"> = {
  likelihood,
  unknownLikelihood: ({ mm }, pitchMm) => unknownDensity(mm + pitchMm, pitchMm),
  reason,
};
