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

export function countStates(positions: readonly { readonly state: PositionState }[]): StateCounts {
  const counts: Partial<Record<PositionState, number>> = {};
  for (const { state } of positions) counts[state] = (counts[state] ?? 0) + 1;
  return counts;
}
