import type { SheetFact, SheetSection } from "./sheet-words";

/** A section of a sheet: its facts, and what is said of them. */
export const section = (
  id: SheetSection["id"],
  title: string,
  facts: readonly SheetFact[],
  lines: readonly string[],
): SheetSection => ({ id, title, facts, lines });
