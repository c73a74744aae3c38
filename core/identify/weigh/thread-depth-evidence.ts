import { limits, type SizeRange, type Thread } from "../../catalogue/threads";
import type { Mm } from "../../measure";
import type { Agreement } from "./agreement";
import { normalDensity } from "./distributions";
import type { Evidence } from "./evidence";
import type { ReadingOf } from "./reading";

/** A depth blade is a millimetre wide or so: between steeper flanks than these it reaches the root. */
const BLADE_REACHES_DEG = 40;

/** The blade on a curved root, and the beam over two crests, mm, sd; and what the two limits let it vary. */
const READ_SD = 0.06;
const MADE_SD_OF_PITCH = 0.02;

/** In a V the blade stops on the flanks somewhere above the root. */
const V_DEEPEST_OF_PITCH = 0.65;

/** Slips and depths that were not taken to the root. */
const SLIP = 0.02;
const DEEPEST_MM = 20;

const middle = ({ min, max }: SizeRange, otherwise: Mm) =>
  ((min ?? max ?? otherwise) + (max ?? min ?? otherwise)) / 2;

const depths = new Map<string, Mm>();

/** How deep the external thread is from crest to root in the middle of its limits, mm; worked out once a thread. */
export function threadDepthMm(thread: Thread): Mm {
  const known = depths.get(thread.id);
  if (known !== undefined) return known;
  const side = thread.only ?? "external";
  const { major, minor } = limits(thread, side);
  const { majorMm, pitchMm } = thread;
  const depth = (middle(major, majorMm) - middle(minor, majorMm - pitchMm)) / 2;
  depths.set(thread.id, depth);
  return depth;
}

const sdOf = (thread: Pick<Thread, "pitchMm">) =>
  Math.hypot(READ_SD, MADE_SD_OF_PITCH * thread.pitchMm);

/** Whether the blade reaches the root of this thread. */
export const bladeReaches = ({ flankAngleDeg }: Thread) => flankAngleDeg < BLADE_REACHES_DEG;

/** Density of this depth for the thread, per mm. */
export function depthDensity(mm: Mm, thread: Thread): number {
  const slip = SLIP / DEEPEST_MM;
  if (bladeReaches(thread)) {
    return (1 - SLIP) * normalDensity(mm, threadDepthMm(thread), sdOf(thread)) + slip;
  }
  const deepest = V_DEEPEST_OF_PITCH * thread.pitchMm;
  return (mm <= deepest ? (1 - SLIP) / deepest : 0) + slip;
}

/** Threads that nobody holds are about as deep as their pitch makes the held ones. */
const UNKNOWN_OF_PITCH = 0.55;
const UNKNOWN_SD_OF_PITCH = 0.12;

function agreementAt(mm: Mm, thread: Thread): Agreement {
  const off = Math.abs(mm - threadDepthMm(thread));
  if (off <= 2.5 * sdOf(thread)) return "agrees";
  return off <= 4 * sdOf(thread) ? "strained" : "at-odds";
}

/** The depth of thread by the blade of a caliper. */
export const threadDepthEvidence: Evidence<"thread-depth"> = {
  likelihood: ({ mm }: ReadingOf<"thread-depth">, thread) => depthDensity(mm, thread),
  unknownLikelihood: ({ mm }, pitchMm) =>
    normalDensity(mm, UNKNOWN_OF_PITCH * pitchMm, UNKNOWN_SD_OF_PITCH * pitchMm),
  reason: ({ mm }, thread) => {
    const inV = !bladeReaches(thread);
    return {
      code: "thread-depth",
      agreement: !inV
        ? agreementAt(mm, thread)
        : mm <= threadDepthMm(thread) + READ_SD
          ? "agrees"
          : "strained",
      mm,
      expectedMm: threadDepthMm(thread),
      inV,
    };
  },
};
