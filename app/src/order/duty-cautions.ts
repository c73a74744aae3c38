import type { ToOrder } from "@root-gauge/contract";
import { cautionWords } from "@root-gauge/core/sheet-words";

/** What must be known of the joints that a line is for, where something hangs on them. */
export function dutyCautions(
  positionIds: readonly string[],
  positions: readonly Pick<ToOrder, "id" | "spec">[],
): readonly string[] {
  const ids = new Set(positionIds);
  const duties = positions.flatMap(({ id, spec }) => {
    const duty = spec?.circumstances.duty ?? "ordinary";
    return ids.has(id) && duty !== "ordinary" ? [cautionWords({ code: "duty", duty })] : [];
  });
  return [...new Set(duties)];
}
