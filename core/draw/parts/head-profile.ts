import { headProportions, type HeadStyle } from "../../catalogue/looks";
import type { Mm } from "../../measure";
import { headOutline, type HeadOutline } from "./head-outline";

/**
 * A head in its usual proportions to a thread of this diameter, in whatever unit that is given in: for a part whose
 * thread is not known yet.
 */
export function headProfile(head: HeadStyle, diameter: Mm): HeadOutline {
  return headOutline(head, headProportions(head, diameter), diameter);
}
