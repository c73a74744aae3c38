import type { ToOrder } from "@root-gauge/contract";
import { dutyWords } from "@root-gauge/core/say/sheet";

/** What must be known of the joints that a line is for, where something hangs on them. */
export function dutyCautions(
  positionIds: readonly string[],
  positions: readonly Pick<ToOrder, "id" | "spec">[],
): readonly string[] {
  const ids = new Set(positionIds);
  const there = positions.filter(({ id }) => ids.has(id));
  return dutyWords(there.map(({ spec }) => spec?.circumstances.duty ?? "ordinary"));
}
