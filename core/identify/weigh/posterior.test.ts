import { catalogue } from "../../catalogue/threads";
import { commonnessWeight } from "./commonness";
import { evidenceFor } from "./evidence-table";
import { identify, type Reading } from "./index";
import { STRANGE_PITCHES, STRANGE_SHARES } from "./stranger";

/** Bayes' rule written out plainly, in products, for one thread after the other: the slow, sure way. */
function plainPosterior(readings: readonly Reading[]): {
  shares: Map<string, number>;
  unknown: number;
} {
  const threads = catalogue();
  // None of the sets below is of a hole, and only a hole is tapped for an insert: one in ten thousand was called wrong.
  const weights = threads.map(
    (thread) => commonnessWeight(thread) * (thread.family === "insert-tapped" ? 1e-4 : 1),
  );
  const allWeights = weights.reduce((a, b) => a + b, 0);
  const joint = threads.map((thread, i) =>
    readings.reduce(
      (product, reading) => product * evidenceFor(reading).likelihood(reading, thread),
      (0.95 * (weights[i] ?? 0)) / allWeights,
    ),
  );
  // A thread that is not held has one pitch, whichever it is, for all the readings together.
  const unknown = STRANGE_PITCHES.reduce(
    (sum, pitchMm, at) =>
      sum +
      readings.reduce(
        (product, reading) => product * evidenceFor(reading).unknownLikelihood(reading, pitchMm),
        0.05 * (STRANGE_SHARES[at] ?? 0),
      ),
    0,
  );
  const total = joint.reduce((a, b) => a + b, unknown);
  return {
    shares: new Map(threads.map(({ id }, i) => [id, (joint[i] ?? 0) / total])),
    unknown: unknown / total,
  };
}

const SETS: readonly (readonly Reading[])[] = [
  [],
  [{ kind: "external-diameter", mm: 13.3 }],
  [
    { kind: "external-diameter", mm: 6.3, instrument: "rule" },
    { kind: "leaf", pitchMm: 1.25, outcome: "drops-in" },
    { kind: "leaf", tpi: 20, outcome: "unsure" },
  ],
  [
    { kind: "external-diameter", mm: 25.1, condition: "worn" },
    { kind: "count", threads: 8, spanMm: 25.4 },
    { kind: "crest-to-crest", pitches: 4, mm: 12.7 },
  ],
];

describe("the posterior", () => {
  it.each(SETS.map((readings) => [readings.length, readings] as const))(
    "agrees with Bayes' rule written out plainly (%d readings)",
    (_count, readings) => {
      const fast = identify(readings);
      const sure = plainPosterior(readings);
      expect(fast.unknown).toBeCloseTo(sure.unknown, 12);
      for (const { thread, probability } of fast.candidates) {
        expect(probability).toBeCloseTo(sure.shares.get(thread.id) ?? Number.NaN, 12);
      }
    },
  );

  it("does not underflow with as many readings as may be stored", () => {
    const readings = Array.from({ length: 50 }, (): Reading => ({
      kind: "external-diameter",
      mm: 107,
      instrument: "micrometer",
    }));
    const result = identify(readings);
    expect(result.unknown).toBeGreaterThan(0.7);
    expect(result.candidates.every(({ probability }) => Number.isFinite(probability))).toBe(true);
  });

  it("is neither moved from its mind nor held up by one misread leaf among three good readings", () => {
    const result = identify([
      { kind: "external-diameter", mm: 9.9 },
      { kind: "leaf", pitchMm: 1.25, outcome: "rocks" },
      { kind: "count", threads: 20, spanMm: 25 },
      { kind: "crest-to-crest", pitches: 10, mm: 12.49 },
    ]);
    expect(result.candidates[0]?.thread.designation).toBe("M10 x 1.25");
    expect(result.verdict).toBe("settled");
    const agreements = result.candidates[0]?.reasons.map(({ agreement }) => agreement);
    expect(agreements?.slice(0, 4)).toEqual(["agrees", "at-odds", "agrees", "agrees"]);
  });
});
