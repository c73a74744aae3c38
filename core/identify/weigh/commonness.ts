import { catalogue, type Thread } from "../../catalogue/threads";
import { SELDOM_SHARE, SERIES_SHARES } from "./common-sizes";
import type { PartKind } from "./part";

/** What of a series is left for the sizes that its list leaves out. */
const UNLISTED_SIZES = 0.012;

/** Sizes that are not told apart fall off evenly by ratio from those about M9. */
function hump(thread: Thread): number {
  const octaves = Math.log(thread.majorMm / 9) / 0.9;
  return Math.exp(-0.5 * octaves * octaves) + 0.01;
}

/** The name of the row of the table that a thread stands in. */
function rowOf(thread: Thread): string {
  return thread.family === "iso-metric" ? `iso-metric ${thread.series}` : thread.series;
}

/** A size as the table has it: "M6", "M10x1.25", "1/4", "#10", "2" of 2 BA, "16x4" of a spindle. */
function sizeOf(thread: Thread): string {
  const { designation, series, family } = thread;
  if (family === "iso-metric" && series === "coarse") return designation.split(" ")[0] ?? "";
  const bare = designation.replace(/^(?:Tr|G|Rp|R|Pg|STI) /, "").replace(/ x /, "x");
  return bare.replace(/(?:-[\d.]+)? [A-Za-z ]+$|-[\d.]+$/, "");
}

function weightsOf(sizes: string): ReadonlyMap<string, number> {
  return new Map(
    sizes.split(", ").map((entry): [string, number] => {
      const at = entry.lastIndexOf(" ");
      return [entry.slice(0, at), Number(entry.slice(at + 1))];
    }),
  );
}

interface Row {
  readonly threads: Thread[];
  readonly listed: ReadonlyMap<string, number>;
}

let shares: ReadonlyMap<string, number> | undefined;

/** The share of every thread, of every hundred parts, worked out once for the whole catalogue. */
function sharesOfAll(): ReadonlyMap<string, number> {
  const rows = new Map<string, Row>();
  for (const thread of catalogue()) {
    const name = rowOf(thread);
    const { sizes = "" } = SERIES_SHARES[name] ?? {};
    const row = rows.get(name) ?? { threads: [], listed: weightsOf(sizes) };
    row.threads.push(thread);
    rows.set(name, row);
  }
  return new Map([...rows].flatMap(([name, row]) => sharesOfRow(name, row)));
}

function sharesOfRow(
  name: string,
  { threads, listed }: Row,
): readonly (readonly [string, number])[] {
  const { share } = SERIES_SHARES[name] ?? { share: SELDOM_SHARE };
  const weights = threads.map((thread) => listed.get(sizeOf(thread)) ?? 0);
  const told = weights.reduce((sum, weight) => sum + weight, 0);
  const humps = threads.map((thread, i) => (weights[i] === 0 ? hump(thread) : 0));
  const humped = humps.reduce((sum, weight) => sum + weight, 0);
  const forUntold = told === 0 ? 1 : UNLISTED_SIZES;
  return threads.map(({ id }, i) => [
    id,
    share *
      (((1 - forUntold) * (weights[i] ?? 0)) / (told || 1) +
        (forUntold * (humps[i] ?? 0)) / (humped || 1)),
  ]);
}

/** Families that are met on pipes and fittings. */
const PIPE_FAMILIES: ReadonlySet<Thread["family"]> = new Set([
  "pipe-parallel",
  "pipe-taper",
  "npt",
  "hose",
  "gas-cylinder",
]);

const SPINDLE_FAMILIES: ReadonlySet<Thread["family"]> = new Set(["trapezoidal", "acme", "square"]);

/** Parallel threads of hydraulic fittings: ISO 6149 and DIN 3852 metric, and the unified ones of tube fittings. */
const FITTING_THREADS: ReadonlySet<string> = new Set(
  "M10x1, M12x1.5, M14x1.5, M16x1.5, M18x1.5, M20x1.5, M22x1.5, M27x2, 7/16-20, 1/2-20, 9/16-18, 3/4-16, 7/8-14, 1 1/16-12".split(
    ", ",
  ),
);

function isFittingThread({ designation }: Thread): boolean {
  return FITTING_THREADS.has(designation.replace(" x ", "x").replace(/ UN\w*$/, ""));
}

/** 26 threads an inch to every size are of brass tube and the fittings and nuts on it. */
const OF_BRASS: Readonly<Record<PartKind, number>> = {
  bolt: 0.2,
  stud: 0.2,
  nut: 0.6,
  "tapped-hole": 0.3,
  "pipe-male": 1,
  "pipe-female": 1,
};

/** How much more often, or less, a thread is met on this kind of part than among all parts. Estimates. */
function onKind(thread: Thread, part: PartKind | undefined): number {
  if (part === undefined) return 1;
  const pipe = PIPE_FAMILIES.has(thread.family);
  const spindle = SPINDLE_FAMILIES.has(thread.family);
  if (thread.series === "brass") return OF_BRASS[part];
  switch (part) {
    case "pipe-male":
    case "pipe-female":
      if (pipe) return 8;
      return isFittingThread(thread) ? 1.5 : 0.02;
    case "bolt":
      return pipe ? 0.03 : spindle ? 0.15 : 1;
    case "nut":
      return pipe ? 0.08 : spindle ? 0.5 : 1;
    case "stud":
      return pipe ? 0.03 : spindle ? 5 : 1;
    case "tapped-hole":
      return pipe ? 0.5 : spindle ? 0.1 : 1;
  }
}

/**
 * How common a thread is on a workbench, of every hundred parts; an estimate, by the table of `common-sizes.ts`.
 * @param part what kind of part it is on, where that is known
 */
export function commonnessWeight(thread: Thread, part?: PartKind): number {
  shares ??= sharesOfAll();
  return (shares.get(thread.id) ?? 0) * onKind(thread, part);
}

/** From these shares of a hundred parts on. */
const COMMON = 0.6;
const UNCOMMON = 0.06;

/** The word for it. */
export function commonnessOf(thread: Thread): "common" | "uncommon" | "rare" {
  const weight = commonnessWeight(thread);
  if (weight >= COMMON) return "common";
  return weight >= UNCOMMON ? "uncommon" : "rare";
}
