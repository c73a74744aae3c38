import type { OrderRule } from "@root-gauge/core/order";
import { useDrafts } from "../data/drafts";

const FIELDS = ["order.percent", "order.least", "order.pack"] as const;

/** What is typed of a rule; nothing, and what is no whole number, adds nothing. */
const numberOf = (text: string | undefined, most: number) => {
  const number = Number(text ?? "");
  return Number.isInteger(number) && number > 0 ? Math.min(number, most) : 0;
};

/** How many more than are needed are ordered, and by how many they come, as it is typed on this device. */
export function useOrderRule(): OrderRule {
  const typed = useDrafts(FIELDS);
  return {
    sparesPercent: numberOf(typed["order.percent"], 100),
    sparesAtLeast: numberOf(typed["order.least"], 999),
    pack: Math.max(1, numberOf(typed["order.pack"], 9999)),
  };
}
