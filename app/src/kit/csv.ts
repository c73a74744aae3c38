import { unparse } from "papaparse";
import { saveFile } from "./save-file";

/** A table as comma-separated values, each cell quoted where it must be. */
export function csvOf(heads: readonly string[], rows: readonly (readonly string[])[]): string {
  return unparse({ fields: [...heads], data: rows.map((row) => [...row]) });
}

/** Hands a table to the browser as a file to keep. */
export function downloadCsv(
  name: string,
  heads: readonly string[],
  rows: readonly (readonly string[])[],
): void {
  // The mark tells spreadsheet programs that the text is UTF-8.
  saveFile(`${name}.csv`, "text/csv;charset=utf-8", ["\uFEFF", csvOf(heads, rows)]);
}
