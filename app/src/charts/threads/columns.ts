import { hexSpanner, limits, type Thread } from "@root-gauge/core";
import {
  threadColumnHeads,
  type ThreadColumn,
  type ThreadRowOptions,
} from "@root-gauge/core/say/charts";
import { chartDrill, clearanceHoles } from "@root-gauge/core/mend/holes";
import { classOfQuality, type ThreadHit } from "@root-gauge/core/identify/search";
import { createColumnHelper } from "@tanstack/react-table";

/** The width of each column in px, where text is as usual; the designation stands still while the others scroll. */
export const COLUMN_WIDTHS: Readonly<Record<ThreadColumn, number>> = {
  designation: 140,
  major: 66,
  pitch: 62,
  tpi: 66,
  drill: 84,
  clearance: 84,
  spanner: 84,
  limits: 224,
};

/** Columns whose figures are lined up on the right, so that their points stand under each other. */
export const FIGURE_COLUMNS: ReadonlySet<ThreadColumn> = new Set(["major", "pitch", "tpi"]);

function limitToSortBy(thread: Thread, { side, quality }: ThreadRowOptions): number {
  const toleranceClass = classOfQuality(thread, side, quality);
  if (toleranceClass === undefined) return Number.POSITIVE_INFINITY;
  const { major, minor } = limits(thread, side, toleranceClass);
  return (side === "external" ? major : minor).min ?? thread.majorMm;
}

const last = Number.POSITIVE_INFINITY;

/** What each column is sorted by: its size in mm, or the place in the catalogue for the name. */
const SORT_BY: Readonly<
  Record<
    Exclude<ThreadColumn, "designation">,
    (thread: Thread, options: ThreadRowOptions) => number
  >
> = {
  major: ({ majorMm }) => majorMm,
  pitch: ({ pitchMm }) => pitchMm,
  tpi: ({ pitchMm }) => -pitchMm,
  drill: (thread) => chartDrill(thread).drill.mm,
  clearance: (thread) => clearanceHoles(thread)?.normal.mm ?? last,
  spanner: (thread) => hexSpanner(thread)?.acrossFlatsMm ?? last,
  limits: limitToSortBy,
};

const helper = createColumnHelper<ThreadHit>();

/** The columns of the thread table for the units, side and quality shown. */
export function threadColumns(options: ThreadRowOptions) {
  const heads = threadColumnHeads(options);
  return (Object.keys(COLUMN_WIDTHS) as ThreadColumn[]).map((column) =>
    helper.accessor(
      ({ thread }) =>
        column === "designation" ? thread.designation : SORT_BY[column](thread, options),
      {
        id: column,
        header: heads[column],
        size: COLUMN_WIDTHS[column],
        enableSorting: column !== "designation",
        sortDescFirst: false,
        sortingFn: "basic",
      },
    ),
  );
}
