import type { Thread } from "../../catalogue/threads";

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

/** Parallel threads that are made for a taper one to seal in: ISO 7-1's Rp, and the couplings of ASME B1.20.1. */
const SEALS_A_TAPER: ReadonlySet<string> = new Set(["Rp", "NPSC"]);

/** Whether an end of this thread closes on its threads, and not on a face. */
export function sealsOnThreads({ taper, series }: Pick<Thread, "taper" | "series">): boolean {
  return taper !== undefined || SEALS_A_TAPER.has(series);
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
    const made = female.taper !== undefined || SEALS_A_TAPER.has(female.series);
    return made ? sealsOnThread : none("taper-in-parallel");
  }
  if (female.taper !== undefined) return none("parallel-on-taper");
  return { kind: "face", reason: "washer-or-ring" };
}
