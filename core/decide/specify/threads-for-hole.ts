import { clearanceHoles } from "../../mend/holes";
import {
  catalogue,
  limits,
  lookUpThreadAlone,
  type DesignationProblem,
  type Thread,
} from "../../catalogue/threads";
import { readLength, type LengthProblem, type Mm, type Units } from "../../measure";

/** What a hole is, as far as it decides how a screw holds in it. */
export const HOLE_KINDS = ["clear", "tapped", "blind"] as const;

export type HoleKind = (typeof HOLE_KINDS)[number];

/** The hole's size as it was written: the thread it is tapped with, or what was measured across it. */
export type HoleSize =
  | { readonly kind: "thread"; readonly threads: readonly Thread[] }
  | { readonly kind: "measured"; readonly mm: Mm; readonly threads: readonly Thread[] }
  | { readonly kind: "empty" }
  | { readonly kind: "problem"; readonly problem: DesignationProblem | LengthProblem };

/** Series that bolts are bought in, the commoner first. */
const BOUGHT: readonly string[] = ["coarse", "UNC", "UNF", "fine", "BSW", "BSF"];
const HOLE_RANGE = { minMm: 1, maxMm: 110 };
const MOST = 6;

const isBought = ({ series, choice }: Thread) => BOUGHT.includes(series) && choice < 3;

const rank = ({ series }: Thread) => BOUGHT.indexOf(series);

/** How far a hole is from a bolt's normal clearance hole, where it lies between its close and free ones. */
function clearanceOff(thread: Thread, mm: Mm): number | undefined {
  const holes = clearanceHoles(thread);
  if (holes === undefined) return undefined;
  const within = mm >= holes.close.mm - 0.1 && mm <= holes.free.mm + 0.1;
  return within ? Math.abs(mm - holes.normal.mm) : undefined;
}

/** How far a bore is from the middle of a nut's minor diameter limits, where it lies in or near them. */
function boreOff(thread: Thread, mm: Mm): number | undefined {
  const { min, max } = limits(thread, "internal").minor;
  if (min === undefined || max === undefined) return undefined;
  const slack = 0.1 + 0.15 * thread.pitchMm;
  return mm >= min - slack && mm <= max + slack ? Math.abs(mm - (min + max) / 2) : undefined;
}

/** Threads that a hole of this diameter takes, the likeliest first: through it, or cut in it. */
export function threadsForHole(kind: HoleKind, mm: Mm): readonly Thread[] {
  return catalogue()
    .filter(isBought)
    .map((thread) => ({
      thread,
      off: kind === "clear" ? clearanceOff(thread, mm) : boreOff(thread, mm),
    }))
    .filter((one): one is { thread: Thread; off: number } => one.off !== undefined)
    .sort((a, b) => a.off - b.off || rank(a.thread) - rank(b.thread))
    .slice(0, MOST)
    .map(({ thread }) => thread);
}

/** Reads the size of a hole: "M8", "1/2-13", or a diameter such as 9.0, "17/32". */
export function readHoleSize(text: string, kind: HoleKind, units: Units): HoleSize {
  if (text.trim() === "") return { kind: "empty" };
  const named = lookUpThreadAlone(text);
  if (named.kind === "found") return { kind: "thread", threads: [named.thread, ...named.others] };
  const measured = readLength(text, units, HOLE_RANGE);
  if (measured.ok) {
    return { kind: "measured", mm: measured.mm, threads: threadsForHole(kind, measured.mm) };
  }
  if (named.kind === "choices") {
    return { kind: "thread", threads: named.threads.filter(isBought).slice(0, MOST) };
  }
  const looksLikeFigure = /^[\d\s./,-]+(?:mm|in|")?$/.test(text.trim());
  return { kind: "problem", problem: looksLikeFigure ? measured.problem : named.problem };
}
