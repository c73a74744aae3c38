/** How a position of a machine stands, in the order of the work. */
export const POSITION_STATES = [
  "to-identify",
  "identified",
  "to-order",
  "on-hand",
  "fitted",
  "watch",
] as const;

export type PositionState = (typeof POSITION_STATES)[number];

/** How many positions stand in each state; a state that none is in has no count. */
export type StateCounts = Readonly<Partial<Record<PositionState, number>>>;

interface Standing {
  readonly id: string;
  readonly parentId: string | null;
  readonly state: PositionState;
}

/**
 * The positions whose state is told and counted: one that others stand within is a part of the machine and no part to be
 * identified, until something was found or decided there itself.
 */
export function thatStand<Position extends Standing>(
  positions: readonly Position[],
): readonly Position[] {
  const outer = new Set(positions.map(({ parentId }) => parentId));
  return positions.filter(({ id, state }) => state !== "to-identify" || !outer.has(id));
}

export function countStates(positions: readonly Standing[]): StateCounts {
  const counts: Partial<Record<PositionState, number>> = {};
  for (const { state } of thatStand(positions)) counts[state] = (counts[state] ?? 0) + 1;
  return counts;
}
