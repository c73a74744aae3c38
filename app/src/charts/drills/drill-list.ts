import {
  DRILL_SUITS_WORDS,
  asTapDrill,
  drillWords,
  drillsOf,
  nearestDrills,
  printFigure,
  type Drill,
  type DrillSet,
  type Mm,
  type Thread,
} from "@root-gauge/core";

/** A drill as a row: its mark, both sizes, how far from the typed size, and what it leaves of the thread. */
export interface DrillRow {
  readonly key: string;
  readonly drill: Drill;
  readonly name: string;
  readonly mm: string;
  readonly inches: string;
  readonly difference: string;
  readonly percent: string;
  readonly suits: string;
  readonly withinLimits: boolean | undefined;
}

const NEAREST = 12;
/** Drills outside these shares of thread are of no use for the thread chosen. */
const LEAST_PERCENT = 35;
const MOST_PERCENT = 105;

export interface DrillListOptions {
  readonly sets: readonly DrillSet[];
  readonly sizeMm: Mm | undefined;
  readonly thread: Thread | undefined;
}

function chosenDrills({ sets, sizeMm, thread }: DrillListOptions): readonly Drill[] {
  if (sizeMm !== undefined) return nearestDrills(sizeMm, sets, NEAREST).map(({ drill }) => drill);
  const all = drillsOf(sets);
  if (thread === undefined) return all;
  return all.filter((drill) => {
    const { percent } = asTapDrill(thread, drill);
    return percent >= LEAST_PERCENT && percent <= MOST_PERCENT;
  });
}

function signed(mm: Mm): string {
  return Math.abs(mm) < 0.0005 ? "exact" : `${mm > 0 ? "+" : ""}${printFigure(mm, "mm", 3)}`;
}

function asRow(drill: Drill, { sizeMm, thread }: DrillListOptions): DrillRow {
  const tapped = thread === undefined ? undefined : asTapDrill(thread, drill);
  const useful = tapped !== undefined && tapped.percent > 0 && tapped.percent < 130;
  return {
    key: `${drill.set} ${drill.mark}`,
    drill,
    name: drillWords(drill),
    mm: printFigure(drill.mm, "mm", 3),
    inches: printFigure(drill.mm, "in"),
    difference: sizeMm === undefined ? "" : signed(drill.mm - sizeMm),
    percent: useful ? `${Math.round(tapped.percent)} %` : "",
    suits: useful ? DRILL_SUITS_WORDS[tapped.suits] : "",
    withinLimits: useful ? tapped.withinLimits : undefined,
  };
}

/**
 * The drills to show: the nearest to a typed size, else those of use for the chosen thread, else every drill; all sets
 * interleaved by size.
 */
export function drillList(options: DrillListOptions): readonly DrillRow[] {
  return chosenDrills(options).map((drill) => asRow(drill, options));
}
