import type { Units } from "@root-gauge/core";
import { offWords } from "@root-gauge/core/say/charts";
import type { HitReason } from "@root-gauge/core/identify/search";

/** How a thread found by diameter stands to the figure: inside its limits, or how far off. */
export function hitNote(reason: HitReason, units: Units): string {
  return reason.kind === "diameter" ? offWords(reason.offMm, units) : "";
}
