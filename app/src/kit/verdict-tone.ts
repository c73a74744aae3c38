import type { Verdict } from "@root-gauge/core";

/** The theme role and the plate's shape that stand for a verdict: filled, half-filled or notched. */
export interface VerdictTone {
  readonly colour: "$settled" | "$open" | "$clash";
  readonly shape: "filled" | "half" | "notched";
}

export function verdictTone(verdict: Verdict): VerdictTone {
  switch (verdict) {
    case "settled":
      return { colour: "$settled", shape: "filled" };
    case "narrowed":
    case "open":
      return { colour: "$open", shape: "half" };
    case "contradictory":
      return { colour: "$clash", shape: "notched" };
  }
}
