import type { Position, PositionInput } from "@root-gauge/contract";
import { inputOfPosition } from "../data/inputs";
import { savePosition } from "../data/saving";
import type { Kept } from "../data/waiting";

/** A position as a page shows it. */
export type ShownPosition = Kept<Position>;

/** Changes some of a position, and says which: what another device changed of the rest stays. */
export function changePosition(position: Position, change: Partial<PositionInput>): void {
  const touched = Object.keys(change) as (keyof PositionInput)[];
  savePosition(position.id, { ...inputOfPosition(position), ...change }, position.version, touched);
}
