import { ACCEPTED, identify, leads, type IdentifyOptions, type Reading } from "../weigh";
import type { Thread } from "../../catalogue/threads";
import type { Mm } from "../../measure";

/** Jaws that were out by so much for every size of a sitting, and the thread that all of them then fit. */
export interface SharedZero {
  /** What the jaws read too much; negative for too little. */
  readonly byMm: Mm;
  readonly thread: Thread;
}

/** As far as jaws are usually out, mm, in steps that their sizes tell apart; the small ones first. */
const ZEROS = [0.1, -0.1, 0.15, -0.15, 0.2, -0.2, 0.3, -0.3, 0.4, -0.4];

const byCaliper = (instrument: string | undefined) =>
  instrument === undefined || instrument === "caliper";

/** The reading as it would be with the jaws out by so much less; undefined of one that no jaws took. */
function shifted(reading: Reading, byMm: Mm): Reading | undefined {
  switch (reading.kind) {
    case "external-diameter":
    case "internal-diameter":
      return byCaliper(reading.instrument) ? { ...reading, mm: reading.mm - byMm } : undefined;
    case "across-flats":
    case "crest-to-crest":
      return { ...reading, mm: reading.mm - byMm };
    case "taper-measured":
      return { ...reading, smallMm: reading.smallMm - byMm, largeMm: reading.largeMm - byMm };
    default:
      return undefined;
  }
}

const positive = (reading: Reading) => !("mm" in reading) || reading.mm >= ACCEPTED.diameter.minMm;

/**
 * Whether jaws that were not zeroed account for sizes that do not go together: they shift every size of the sitting
 * alike. Undefined where fewer than two kinds of size were taken with them, or no one shift lets all readings agree.
 */
export function sharedZero(
  readings: readonly Reading[],
  options: IdentifyOptions = {},
): SharedZero | undefined {
  const taken = readings.filter((reading) => shifted(reading, 0) !== undefined);
  if (new Set(taken.map(({ kind }) => kind)).size < 2) return undefined;
  const found = ZEROS.flatMap((byMm) => {
    const meant = readings.map((reading) => shifted(reading, byMm) ?? reading);
    if (!meant.every(positive)) return [];
    const { candidates, conflict } = identify(meant, { ...options, tools: [] });
    const [likeliest] = candidates;
    if (likeliest === undefined || !leads(likeliest)) return [];
    const agrees = likeliest.reasons.every(
      ({ reading, agreement }) => reading === undefined || agreement === "agrees",
    );
    return agrees ? [{ byMm, thread: likeliest.thread, conflict }] : [];
  });
  const [best] = found.sort((a, b) => a.conflict - b.conflict);
  return best && { byMm: best.byMm, thread: best.thread };
}
