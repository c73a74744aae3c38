import type { Thread } from "../threads";
import { mmFromInches, type Mm } from "../../measure";
import type { HeadRow, HeadTable } from "./metric-heads";

/** Whether a thread's screws are made to inch lengths: its size is an inch size, or it is British Association. */
export function goesByInches({ majorInch, family }: Thread): boolean {
  return majorInch !== undefined || family === "ba";
}

/** The tables are ISO's and ASME's: British sizes have none here, though some diameters are the same. */
export function sizeIn(thread: Thread, inInches: boolean): number | undefined {
  if (thread.family !== (inInches ? "unified" : "iso-metric")) return undefined;
  return inInches ? thread.majorInch : thread.majorMm;
}

/** The figure of a table of pairs for this thread's diameter, in mm; inch tables are told so. */
export function pairAt(
  rows: readonly (readonly [number, number])[],
  thread: Thread,
  inInches: boolean,
): Mm | undefined {
  const size = sizeIn(thread, inInches);
  const found = rows.find(([major]) => size !== undefined && Math.abs(major - size) < 1e-6)?.[1];
  return found === undefined || !inInches ? found : mmFromInches(found);
}

/** A table's row for this thread's diameter, in mm. */
export function rowAt(table: HeadTable, thread: Thread, inInches: boolean): HeadRow | undefined {
  const size = sizeIn(thread, inInches);
  const row = table.rows.find(([major]) => size !== undefined && Math.abs(major - size) < 1e-6);
  if (row === undefined || !inInches) return row;
  const mm = (figure: number | undefined) =>
    figure === undefined ? undefined : mmFromInches(figure);
  return [mmFromInches(row[0]), mmFromInches(row[1]), mmFromInches(row[2]), mm(row[3]), mm(row[4])];
}
