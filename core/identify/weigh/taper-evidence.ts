import type { Thread } from "../../catalogue/threads";
import { normalDensity } from "./distributions";
import { crestsLikelihood } from "./crests-band";
import type { Evidence } from "./evidence";
import { agreementOf } from "./agreement";
import { BLUNDER, backgroundDensity } from "./misread";
import type { ReadingOf } from "./reading";

/** A taper of 1 in 16 is seen by laying a straight edge on; a worn parallel thread is seldom taken for one. */
const TAPER_SEEN = 0.935;
const TAPER_IMAGINED = 0.025;
const UNKNOWN_TAPERED = 0.1;

/** Probability that this thread is called tapered. */
export function calledTapered(thread: Thread): number {
  return thread.taper === undefined ? TAPER_IMAGINED : TAPER_SEEN;
}

const taperChance = ({ tapered }: ReadingOf<"taper">, thread: Thread): number =>
  tapered ? calledTapered(thread) : 1 - calledTapered(thread);

/** Whether the thread tapers. */
export const taperEvidence: Evidence<"taper"> = {
  likelihood: taperChance,
  alike: ({ taper }) => taper ?? 0,
  unknownLikelihood: ({ tapered }) => (tapered ? UNKNOWN_TAPERED : 1 - UNKNOWN_TAPERED),
  reason: (reading, thread) => ({
    code: "taper",
    agreement: agreementOf(taperChance(reading, thread)),
    tapered: reading.tapered,
    threadTapered: thread.taper !== undefined,
  }),
};

type Measured = ReadingOf<"taper-measured">;

/** Either diameter is read with this spread, mm; wear at the end makes a parallel part look a little tapered. */
const DIAMETER_SD = 0.03;
const OVER_CRESTS_LARGE = { sdMm: 0.03, skewMm: 0.012 };

/** Tapers of which nothing is known: even from none to 1 in 4, on diameter. */
const WIDEST_TAPER = 0.25;

/** A size at the larger end that is this near to the one over the crests is that size once more, mm. */
const ONE_SIZE_MM = 0.25;

/** Taper on diameter as measured. */
export function measuredTaper({ smallMm, largeMm, apartMm }: Measured): number {
  return (largeMm - smallMm) / apartMm;
}

function taperSd({ apartMm }: Measured): number {
  return Math.hypot((DIAMETER_SD * Math.SQRT2) / apartMm, 0.002);
}

/** Over a pipe end's thread both diameters are taken so far apart; a worn end may pass for a taper, a short one for none. */
const MISMEASURED = 0.012;

/** Probability that both ends measured make this thread out to be tapered, or parallel. */
export function taperMeasuredAs(tapered: boolean, { taper }: Thread): number {
  return tapered === (taper !== undefined) ? 1 - MISMEASURED : MISMEASURED;
}

/** Whether the size at the larger end has been weighed already, as the one over the crests: it is no second witness. */
const isWeighed = ({ largeMm, crestsMm }: Measured) =>
  crestsMm !== undefined && Math.abs(largeMm - crestsMm) < ONE_SIZE_MM;

/** Of threads that nobody holds, most are parallel. */
function strangeTaper(reading: Measured): number {
  const parallel = normalDensity(measuredTaper(reading), 0, taperSd(reading));
  return (1 - UNKNOWN_TAPERED) * parallel + UNKNOWN_TAPERED / WIDEST_TAPER;
}

/** Two diameters at a distance: the taper, and the size at the larger end. */
export const taperMeasuredEvidence: Evidence<"taper-measured"> = {
  likelihood: (reading, thread) => {
    const taper = normalDensity(measuredTaper(reading), thread.taper ?? 0, taperSd(reading));
    const size = isWeighed(reading)
      ? 1
      : crestsLikelihood(reading.largeMm, thread, OVER_CRESTS_LARGE);
    return ((1 - BLUNDER) * taper + BLUNDER / WIDEST_TAPER) * size;
  },
  unknownLikelihood: (reading) =>
    strangeTaper(reading) * (isWeighed(reading) ? 1 : backgroundDensity(reading.largeMm)),
  reason: (reading, thread) => {
    const deviations = Math.abs(measuredTaper(reading) - (thread.taper ?? 0)) / taperSd(reading);
    return {
      code: "taper-measured",
      agreement: deviations <= 2.5 ? "agrees" : deviations <= 4 ? "strained" : "at-odds",
      taper: measuredTaper(reading),
      threadTaper: thread.taper ?? 0,
      apartMm: reading.apartMm,
    };
  },
};
