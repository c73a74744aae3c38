import type { Thread } from "../threads";
import { mmFromInches, type Mm } from "../units";
import type { HeadRow, HeadTable } from "./metric-heads";

/** Whether a thread goes by inch tables: its size is an inch size. */
export function goesByInches({ majorInch }: Thread): boolean {
  return majorInch !== undefined;
}

/** The figure of a table of pairs for this thread's diameter, in mm; inch tables are told so. */
export function pairAt(
  rows: readonly (readonly [number, number])[],
  thread: Thread,
  inInches: boolean,
): Mm | undefined {
  const size = inInches ? thread.majorInch : thread.majorMm;
  const found = rows.find(([major]) => size !== undefined && Math.abs(major - size) < 1e-6)?.[1];
  return found === undefined || !inInches ? found : mmFromInches(found);
}

/** A table's row for this thread's diameter, in mm. */
export function rowAt(table: HeadTable, thread: Thread, inInches: boolean): HeadRow | undefined {
  const size = inInches ? thread.majorInch : thread.majorMm;
  const row = table.rows.find(([major]) => size !== undefined && Math.abs(major - size) < 1e-6);
  if (row === undefined || !inInches) return row;
  const mm = (figure: number | undefined) =>
    figure === undefined ? undefined : mmFromInches(figure);
  return [mmFromInches(row[0]), mmFromInches(row[1]), mmFromInches(row[2]), mm(row[3]), mm(row[4])];
}
