import type { Thread } from "../../catalogue/threads";
import { outsideAgreement } from "./agreement";
import { crestsLikelihood, majorBand } from "./crests-band";
import type { Evidence } from "./evidence";
import { unknownDensity } from "./misread";
import type { DiameterInstrument, ReadingOf } from "./reading";
import type { ReasonFigures } from "./reason";
import { accountedFor, type ReadingSpread } from "./size-model";

type DiameterReading = ReadingOf<"external-diameter">;

/** A careful reading over the crests: spread of instrument and technique together, and the mean skew of the hold. */
export const OVER_CRESTS: Readonly<Record<DiameterInstrument, ReadingSpread>> = {
  caliper: { sdMm: 0.02, skewMm: 0.012 },
  micrometer: { sdMm: 0.005, skewMm: 0.006 },
  rule: { sdMm: 0.3, skewMm: 0 },
};

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

/** A reading over the crests of an external thread, against the band of its major diameter. */
export const diameterEvidence: Evidence<"external-diameter"> = {
  likelihood: ({ mm, instrument = "caliper", condition }, thread) =>
    crestsLikelihood(mm, thread, OVER_CRESTS[instrument], condition),
  unknownLikelihood: ({ mm }, pitchMm) => unknownDensity(mm, pitchMm),
  reason,
};
