import { taperLengths, type Thread } from "../../catalogue/threads";

/** Turns of a taper joint: by hand, then by wrench at most. */
export interface MakeUpTurns {
  readonly hand: number;
  readonly wrench: number;
}

/** Turns by wrench of an American taper thread: three threads, two from 2 1/2 in on (ASME B1.20.1, L3). */
const NPT_WRENCH = 3;
const NPT_WRENCH_LARGE = 2;
const NPT_LARGE_INCH = 2.5;

/**
 * Turns to make up a taper joint: to the gauge plane by hand, then to the end of the useful thread (ISO 7-1), or the
 * wrench make-up of ASME B1.20.1.
 * @returns undefined for a thread without taper
 */
export function makeUpTurns(thread: Thread): MakeUpTurns | undefined {
  const lengths = taperLengths(thread);
  if (lengths === undefined) return undefined;
  const hand = lengths.gaugeMm / thread.pitchMm;
  if (thread.family === "npt") {
    const large = (thread.namedInch ?? 0) >= NPT_LARGE_INCH;
    return { hand, wrench: large ? NPT_WRENCH_LARGE : NPT_WRENCH };
  }
  return { hand, wrench: (lengths.usefulMm - lengths.gaugeMm) / thread.pitchMm };
}
