/** A name with its figure. */
export type SheetFact = readonly [name: string, figure: string];

/** What stands under one heading of a sheet. */
export interface SheetSection {
  readonly id: "sizes" | "strength" | "tools" | "companions" | "torque" | "substitutes" | "never";
  readonly title: string;
  readonly facts: readonly SheetFact[];
  readonly lines: readonly string[];
}

/** A section of a sheet: its facts, and what is said of them. */
export const section = (
  id: SheetSection["id"],
  title: string,
  facts: readonly SheetFact[],
  lines: readonly string[],
): SheetSection => ({ id, title, facts, lines });
