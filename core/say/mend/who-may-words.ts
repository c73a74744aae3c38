import type { Damage } from "../../mend/repair";
import { MEND_SENTENCES } from "./damage-words";

const SHOPS_OWN: ReadonlySet<string> = new Set(["water", "air", "oil"]);

/**
 * Who may do it, in a sentence: licensed hands, a shop by itself, or by the engine maker's instruction; undefined where
 * nothing is said of it.
 */
export function whoMayWords({
  duty,
  structural = false,
  symptom,
  medium,
  space,
}: Pick<Damage, "duty" | "structural" | "symptom" | "medium" | "space">): string | undefined {
  if (structural || duty === "safety-critical" || space === "pressure")
    return MEND_SENTENCES.whoMay;
  if (medium !== undefined) {
    return SHOPS_OWN.has(medium) ? MEND_SENTENCES.shopsOwn : MEND_SENTENCES.whoMay;
  }
  if (space === "combustion") return MEND_SENTENCES.cylinder;
  return duty === "pressure" || duty === "electrical" || symptom === "leaks"
    ? MEND_SENTENCES.whoMay
    : undefined;
}
