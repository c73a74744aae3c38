import type { Thread } from "../../catalogue/threads";
import { outsideAgreement } from "./agreement";
import { majorBand } from "./crests-band";
import type { Evidence } from "./evidence";
import { BLUNDER, backgroundBetween, unknownDensity } from "./misread";
import type { ReadingOf } from "./reading";
import type { ReasonFigures } from "./reason";
import { accountedFor, sizeBetween } from "./size-model";

type BetweenReading = ReadingOf<"diameter-between">;

/** A gauge hole is made to about this, mm. */
export const GAUGE_SD = 0.01;

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
  unknownLikelihood: (reading, pitchMm) => {
    const { overMm, notOverMm } = reading;
    const middle = (overMm + notOverMm) / 2;
    const proportioned = (notOverMm - overMm) * unknownDensity(middle, pitchMm);
    return Math.max(1e-6, Math.min(1, proportioned));
  },
  reason: betweenReason,
};
