import { classNameWords } from "./size-words";
import { chartDrill, clearanceHoles, type Drill } from "../../mend/holes";
import { hexSpanner } from "../../catalogue/looks";
import { classOfQuality, type Quality } from "../../identify/search";
import { limits, type Thread, type ThreadSide } from "../../catalogue/threads";
import { printFigure, printPlain, tableDecimals, tpiFromPitchMm, type Units } from "../../measure";

/** The columns of the thread table. */
export type ThreadColumn =
  "designation" | "major" | "pitch" | "tpi" | "drill" | "clearance" | "spanner" | "limits";

/** What the table is asked to show. */
export interface ThreadRowOptions {
  readonly units: Units;
  readonly side: ThreadSide;
  readonly quality: Quality;
}

/** The heads of the columns, with their units where a column has one. */
export function threadColumnHeads({
  units,
  side,
}: Pick<ThreadRowOptions, "units" | "side">): Readonly<Record<ThreadColumn, string>> {
  return {
    designation: "Thread",
    major: `Major, ${units}`,
    pitch: `Pitch, ${units}`,
    tpi: "TPI",
    drill: "Tap drill",
    clearance: "Clearance",
    spanner: "Spanner",
    limits: `${side === "external" ? "Bolt major" : "Nut minor"} limits, ${units}`,
  };
}

/** A drill's mark short enough for a table: "8.5", "27/64", "#7", "F". */
function drillMark({ set, mark }: Drill): string {
  return set === "number" ? `#${mark}` : mark;
}

function limitsCell(thread: Thread, { units, side, quality }: ThreadRowOptions): string {
  const toleranceClass = classOfQuality(thread, side, quality);
  if (toleranceClass === undefined) return "–";
  const { major, minor, verified } = limits(thread, side, toleranceClass);
  const { min, max } = side === "external" ? major : minor;
  const decimals = tableDecimals(units);
  const end = (mm: number | undefined) =>
    mm === undefined ? "free" : printFigure(mm, units, decimals);
  return `${end(min)}–${end(max)} ${classNameWords(toleranceClass)}${verified ? "" : "*"}`;
}

/** A thread as a row of text: every figure in the units asked for, columns of one kind with the same decimals. */
export function threadRow(
  thread: Thread,
  options: ThreadRowOptions,
): Readonly<Record<ThreadColumn, string>> {
  const clearance = clearanceHoles(thread)?.normal;
  return {
    designation: thread.designation,
    major: printFigure(thread.majorMm, options.units, tableDecimals(options.units)),
    pitch: printFigure(thread.pitchMm, options.units, tableDecimals(options.units)),
    tpi:
      thread.tpi === undefined
        ? tpiFromPitchMm(thread.pitchMm).toFixed(1)
        : printPlain(thread.tpi, 2),
    drill: drillMark(chartDrill(thread).drill),
    clearance: clearance?.mark ?? "–",
    spanner: hexSpanner(thread)?.mark ?? "–",
    limits: limitsCell(thread, options),
  };
}
