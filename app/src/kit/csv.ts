import { unparse } from "papaparse";
import { saveFile } from "./save-file";

/** What a spreadsheet program would work out instead of showing it; a number under nothing is none of it. */
const FORMULA = /^(?:[=@\t\r]|[+-](?!\d[\d.,]*$))/;

/**
 * A table as comma-separated values, each cell quoted where it must be; an apostrophe stands before one that a spreadsheet
 * program would take for a formula.
 */
export function csvOf(heads: readonly string[], rows: readonly (readonly string[])[]): string {
  return unparse(
    { fields: [...heads], data: rows.map((row) => [...row]) },
    { escapeFormulae: FORMULA },
  );
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
