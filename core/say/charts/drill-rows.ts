import { asTapDrill, drillsToShow, type Drill, type DrillsWanted } from "../../mend/holes";
import { printFigure, type Mm } from "../../measure";
import { DRILL_SUITS_WORDS, drillWords } from "./drill-words";

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

function signed(mm: Mm): string {
  return Math.abs(mm) < 0.0005 ? "exact" : `${mm > 0 ? "+" : ""}${printFigure(mm, "mm", 3)}`;
}

function asRow(drill: Drill, { sizeMm, thread }: DrillsWanted): DrillRow {
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

/** The drills to show, as rows. */
export function drillRows(wanted: DrillsWanted): readonly DrillRow[] {
  return drillsToShow(wanted).map((drill) => asRow(drill, wanted));
}
