import { confusedWith } from "../look-alikes";
import { judgePair } from "../mating";
import { named } from "../../testing";
import { catalogue, limits } from "../../catalogue/threads";
import { PART_KINDS, identify, type PartCondition, type Reading } from "./index";
import { trialOutcomes } from "./trial-evidence";

const LEAF: Reading = { kind: "leaf", pitchMm: 1.75, outcome: "drops-in" };
const crests = (mm: number, condition?: PartCondition): Reading => ({
  kind: "external-diameter",
  mm,
  ...(condition === undefined ? {} : { condition }),
});

describe("a condition that was stated", () => {
  it.each([
    [12.05, "plated"],
    [11.45, "worn"],
    [12.2, "galvanised"],
    [12.15, "painted"],
    [11.5, "rusted"],
    [12.1, "rusted"],
  ] as const)("accounts for an M12 of %d mm that is %s", (mm, condition) => {
    const found = identify([crests(mm, condition), LEAF]);
    expect(found.verdict).toBe("settled");
    expect(found.candidates[0]?.thread.id).toBe("iso-m12x1.75");
  });

  it("may be the finish that was seen", () => {
    const dipped = [crests(12.2), LEAF, { kind: "finish", finish: "galvanised" } as const];
    expect(identify(dipped).verdict).toBe("settled");
  });

  it.each([
    [11.45, "sound"],
    [11.45, "galvanised"],
    [12.3, "worn"],
  ] as const)("does not account for %d mm when it is %s", (mm, condition) => {
    expect(identify([crests(mm, condition), LEAF]).verdict).toBe("contradictory");
  });

  it("widens a bore that was tapped over size for dipped bolts", () => {
    const bore = (condition?: PartCondition): Reading[] => [
      { kind: "internal-diameter", mm: 10.75, ...(condition ? { condition } : {}) },
      LEAF,
    ];
    expect(identify(bore(), { part: "nut" }).candidates[0]?.reasons[0]?.agreement).toBe("strained");
    expect(identify(bore("galvanised"), { part: "nut" }).candidates[0]?.thread.id).toBe(
      "iso-m12x1.75",
    );
    expect(identify(bore("galvanised"), { part: "nut" }).verdict).not.toBe("contradictory");
  });
});

const runs = (known: string, turns?: number): Reading => ({
  kind: "trial-fit",
  with: known,
  partIs: "internal",
  outcome: "runs-freely",
  ...(turns === undefined ? {} : { turns }),
});

describe("screws run into one hole", () => {
  const hole = { part: "tapped-hole" } as const;
  const boreOf = (text: string): Reading => {
    const { min = 0, max = 0 } = limits(named(text), "internal").minor;
    return { kind: "internal-diameter", mm: Math.round(50 * (min + max)) / 100 };
  };

  it("do not contradict each other when near-twins both go in, by geometry", () => {
    let tried = 0;
    const bought = ["coarse", "UNC", "UNF", "BSW", "BSF"];
    for (const own of catalogue().filter((one) => bought.includes(one.series) && one.choice < 3)) {
      if (own.majorMm < 4 || own.majorMm > 26) continue;
      for (const { thread: twin } of confusedWith(own)) {
        if (judgePair(twin, own).outcome !== "mates") continue;
        const readings = [boreOf(own.designation), runs(own.designation), runs(twin.designation)];
        const { verdict } = identify(readings, hole);
        expect([own.id, twin.id, verdict === "contradictory"]).toEqual([own.id, twin.id, false]);
        tried += 1;
      }
    }
    expect(tried).toBeGreaterThan(10);
  });

  it("settle more by the larger going in than by the smaller", () => {
    // #10-32 (4.83) and M5 (5.00) are of nearly one pitch.
    const share = (known: string) =>
      identify([boreOf("M5"), runs(known, 8)], hole).candidates.find(
        ({ thread }) => thread.id === "iso-m5x0.8",
      )?.probability ?? 0;
    const before = identify([boreOf("M5")], hole).candidates.find(
      ({ thread }) => thread.id === "iso-m5x0.8",
    )?.probability;
    expect(share("M5")).toBeGreaterThan(share("#10-32"));
    expect(Math.abs(share("#10-32") - (before ?? 0))).toBeLessThan(0.15);
  });

  it("say little about a pitch that binds later than they were run", () => {
    const [screw, hole12] = [named("3/8-16"), named("M10")];
    const few = trialOutcomes(hole12, screw, "internal", { ran: 2 })["runs-freely"];
    const many = trialOutcomes(hole12, screw, "internal", { ran: 10 })["runs-freely"];
    // By hand it binds after 4.2 turns.
    expect(few).toBeGreaterThan(0.6);
    expect(many).toBeLessThan(0.2);
  });
});

describe("a known nut on a screw that measures under its thread", () => {
  const nut: Reading = {
    kind: "trial-fit",
    with: "#10-32",
    partIs: "external",
    outcome: "runs-freely",
    turns: 8,
  };
  const leaf: Reading = { kind: "leaf", pitchMm: 0.8, outcome: "drops-in" };
  const shareOfM5 = (readings: readonly Reading[]) =>
    identify(readings, { part: "bolt" }).candidates.find(({ thread }) => thread.id === "iso-m5x0.8")
      ?.probability ?? 0;

  it("says little: what is off its crests is off its flanks", () => {
    // 6g of M5 ends at 4.826: a screw of 4.76 that is an M5 is worn all over, and goes into the smaller nut.
    const before = shareOfM5([crests(4.76), leaf]);
    expect(shareOfM5([crests(4.76), leaf, nut])).toBeGreaterThan(0.5 * before);
  });

  it("says much of one that is within its limits", () => {
    const before = shareOfM5([crests(4.92), leaf]);
    expect(1 - shareOfM5([crests(4.92), leaf, nut])).toBeGreaterThan(2 * (1 - before));
  });
});

describe("where what is not held leads", () => {
  it("only tests of the pitch are offered after the size, as many as there are", () => {
    let met = 0;
    for (let mm = 5; mm < 20; mm += 0.37) {
      const { unknown, nextTests } = identify([crests(mm)], { part: "bolt" });
      if (unknown <= 0.5 || unknown >= 0.8) continue;
      met += 1;
      const kinds = nextTests.map(({ kind }) => kind).filter((kind) => kind !== "again");
      expect([mm, ...kinds.sort()]).toEqual([mm, "count", "crest-to-crest", "leaf"]);
    }
    expect(met).toBeGreaterThan(5);
  });
});

describe("the tests that are offered", () => {
  it("each have two answers or more that leave different threads", () => {
    for (const part of PART_KINDS) {
      for (const mm of [4.76, 6.3, 7.9, 9.9, 12.6, 15.8, 20.7]) {
        const kind =
          part === "nut" || part === "tapped-hole" ? "internal-diameter" : "external-diameter";
        const size: Reading = { kind, mm };
        for (const readings of [
          [size],
          [size, LEAF],
          [size, { kind: "hand", hand: "right" } as const],
        ]) {
          for (const tools of [undefined, ["caliper"], ["rule"], ["metric-leaves"]] as const) {
            const { nextTests } = identify(readings, { part, ...(tools ? { tools } : {}) });
            for (const test of nextTests) {
              if (!("outcomes" in test)) continue;
              const left = test.outcomes.map(({ leaves }) =>
                leaves
                  .map(({ id }) => id)
                  .sort()
                  .join(),
              );
              expect([part, mm, test.kind, new Set(left).size > 1]).toEqual([
                part,
                mm,
                test.kind,
                true,
              ]);
            }
          }
        }
      }
    }
  });
});

describe("a known part on a thread that nobody holds", () => {
  /** A works' own thread of about an M8's size: so much of what is not held is left by a trial with an M8 nut. */
  const strange = (spanMm: number, outcome: "runs-freely" | "binds") => {
    const readings: Reading[] = [crests(7.7), { kind: "crest-to-crest", pitches: 10, mm: spanMm }];
    const known: Reading = { kind: "trial-fit", with: "M8 x 1.25", partIs: "external", outcome };
    return {
      before: identify(readings).unknown,
      after: identify([...readings, known]).unknown,
    };
  };

  it("runs freely where the pitch is its own, and so tells little", () => {
    const { before, after } = strange(12.5, "runs-freely");
    expect(after).toBeGreaterThan(0.6 * before);
  });

  it("speaks for it where it jams on a pitch that is not its own, and against it where it runs", () => {
    const jams = strange(13.6, "binds");
    const goes = strange(13.6, "runs-freely");
    expect(jams.after).toBeGreaterThan(goes.after);
    expect(goes.after).toBeLessThan(goes.before);
  });
});
