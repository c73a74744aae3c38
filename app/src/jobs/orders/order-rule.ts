import type { OrderRule } from "@root-gauge/core/decide/order";
import { useDrafts, writeDraft } from "../../data/drafts/drafts";
import { ruleTyped, type TypedRule } from "./rule-fields";

const FIELDS = {
  sparesPercent: "order.percent",
  sparesAtLeast: "order.least",
  pack: "order.pack",
} as const;

/** How many more than are needed are ordered, and by how many they come, as it is typed on this device. */
export function useOrderRule() {
  const drafts = useDrafts(Object.values(FIELDS));
  const typed: Partial<TypedRule> = {
    sparesPercent: drafts[FIELDS.sparesPercent] ?? "",
    sparesAtLeast: drafts[FIELDS.sparesAtLeast] ?? "",
    pack: drafts[FIELDS.pack] ?? "",
  };
  return {
    typed,
    rule: ruleTyped(typed),
    change: (field: keyof OrderRule, text: string) => writeDraft(FIELDS[field], text),
  };
}
