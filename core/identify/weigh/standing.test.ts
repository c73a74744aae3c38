import { catalogue } from "../../catalogue/threads";
import { identify, isRuledOut, nearestFirst, standingOf, type Reading } from "./index";
import { verdictWords } from "../../say/common";

const diameter = (mm: number): Reading => ({ kind: "external-diameter", mm });
const leaf = (tpi: number): Reading => ({ kind: "leaf", tpi, outcome: "drops-in" });

const PARTS: readonly (readonly Reading[])[] = [
  [],
  [diameter(9.9)],
  [diameter(12.52)],
  [diameter(12.52), leaf(13)],
  [diameter(12.52), leaf(14)],
  [diameter(107)],
  [{ kind: "count", threads: 13, spanMm: 25.4 }],
  [diameter(6.3), leaf(20)],
];

const COUNTS = ["one", "two", "three", "four"];

describe.each(PARTS.map((readings) => [readings] as const))(
  "how threads stand after %j",
  (readings) => {
    const { candidates, verdict } = identify(readings);
    const { running, lessLikely, ruledOut } = standingOf(verdict, candidates);

    it("parts the whole catalogue, in the order of likelihood", () => {
      expect([...running, ...lessLikely, ...ruledOut]).toEqual(candidates);
      expect(candidates).toHaveLength(catalogue().length);
    });

    it("says as many in the heading as stand in the list", () => {
      const said = /^Down to (\w+)$/.exec(verdictWords({ verdict, candidates }))?.[1];
      if (verdict === "narrowed") expect(said).toBe(COUNTS[running.length - 1]);
      if (verdict === "settled") expect(running).toHaveLength(1);
      if (verdict === "open" || verdict === "contradictory") expect(lessLikely).toEqual([]);
    });

    it("gives one reason for what is ruled out, and all for the rest", () => {
      const ofReadings = (reasons: readonly { code: string }[]) =>
        reasons.filter(({ code }) => code !== "commonness").length;
      expect(ruledOut.every(({ reasons }) => ofReadings(reasons) <= 1)).toBe(true);
      expect(running.every(({ reasons }) => ofReadings(reasons) === readings.length)).toBe(true);
      expect(ruledOut.every(({ probability }) => isRuledOut(probability))).toBe(true);
    });
  },
);

it("puts what fell nearest to the diameter first", () => {
  const { candidates, verdict } = identify([diameter(9.9)]);
  const fallen = nearestFirst(standingOf(verdict, candidates).ruledOut, 9.9);
  const away = fallen.map(({ thread }) => Math.abs(thread.majorMm - 9.9));
  expect(away).toEqual([...away].sort((a, b) => a - b));
});
