import { taperLengths, type Thread } from "../threads";

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

/** Where a pair of pipe threads seals, and why it does or does not. */
export interface PipeSeal {
  readonly kind: "face" | "thread" | "none";
  readonly reason:
    | "washer-or-ring"
    | "compound-or-tape"
    | "other-system"
    | "other-size"
    | "taper-in-parallel"
    | "parallel-on-taper"
    | "not-pipe";
}

const none = (reason: PipeSeal["reason"]): PipeSeal => ({ kind: "none", reason });

type PipeSystem = "british" | "american";

function systemOf({ family }: Thread): PipeSystem | undefined {
  if (family === "pipe-parallel" || family === "pipe-taper") return "british";
  return family === "npt" ? "american" : undefined;
}

/**
 * What seals a male pipe thread in a female one: a face (ISO 228-1), the thread (ISO 7-1, ASME B1.20.1), or nothing.
 * R in G is met on water and has no standard; American and British never seal together.
 */
export function pipeSeal(male: Thread, female: Thread): PipeSeal {
  const [outside, inside] = [systemOf(male), systemOf(female)];
  if (outside === undefined || inside === undefined) return none("not-pipe");
  if (outside !== inside) return none("other-system");
  if (male.namedInch !== female.namedInch) return none("other-size");
  const sealsOnThread = { kind: "thread", reason: "compound-or-tape" } as const;
  if (male.taper !== undefined) {
    const made = female.taper !== undefined || female.series === "Rp";
    return made ? sealsOnThread : none("taper-in-parallel");
  }
  if (female.taper !== undefined) return none("parallel-on-taper");
  return { kind: "face", reason: "washer-or-ring" };
}
