import { leastFloorMm } from "../holes";
import { named, HOLE, best, figuresAt, optionOf, refusalOf, stepsOf } from "../../testing";
import { findThread, inHand } from "../../catalogue/threads";
import { countedClass, repairOptions, wantedLoadN, type Damage, type RepairKind } from "./index";

// Worked out by hand from the standards and the rules of mending, not with this code. mm and N.

describe("the floor under a drill's point", () => {
  // The greater of 1 mm and 0.15 D; half a diameter over a fluid.
  it.each([
    ["M3", false, 1],
    ["M6", false, 1],
    ["M8", false, 1.2],
    ["M10", false, 1.5],
    ["M20", false, 3],
    ["M6", true, 3],
    ["M8", true, 4],
    ["M10", true, 5],
    ["M20", true, 10],
  ])("of %s, fluid behind: %s, is %d mm", (name, behind, floor) => {
    expect(leastFloorMm(named(name).majorMm, behind)).toBeCloseTo(floor, 9);
  });

  // Insert 1.5 D: 12 + 1.25 of thread, 6.25 lead of a second tap (2.5 of a bottoming one), 1.25 for chips; point 0.3004 x 8.4 = 2.52.
  it.each<[string, Partial<Damage>, number, number]>([
    ["as deep as it needs, not as the hole is", {}, 1.5, 20.75],
    ["to the floor over oil, 26.2 thick", { thicknessMm: 26.2, behind: true }, 1.5, 19.68],
    ["as it needs, where the part is thick", { thicknessMm: 40, behind: true }, 1.5, 20.75],
    [
      "shorter, where only that leaves the floor",
      { depthMm: 20, thicknessMm: 22, behind: true },
      1,
      13,
    ],
    ["as deep as a shallow hole is", { depthMm: 16 }, 1.5, 16],
  ])("holds an insert's drill back: %s", (_, change, diameters, deep) => {
    const { lengthInDiameters, cut } = optionOf(change, "wire-insert");
    expect(lengthInDiameters).toBe(diameters);
    expect(cut?.drillDepthMm).toBeCloseTo(deep, 2);
  });

  it("refuses what would leave less, with what remains", () => {
    const change = { depthMm: 13, thicknessMm: 15, behind: true };
    const [first] = optionOf(change, "wire-insert").reasons;
    // 9.25 of thread and 2.5 under it: 15 - 11.75 - 2.52 = 0.73 of 4.
    expect(first).toMatchObject({
      code: "refused",
      refusal: { code: "floor-too-thin", leastMm: 4 },
    });
    expect(first).toHaveProperty("refusal.leftMm", expect.closeTo(0.73, 2));
  });

  it("is asked for before the first chip where a point goes deeper than the old one", () => {
    const steps = stepsOf({ depthMm: 16 }, "wire-insert").map(({ code }) => code);
    expect(steps.indexOf("ask-floor")).toBe(1);
    // 16 + 2.52, and the old drill of 6.8: 16 + 2.04; 1.2 and 4 to be left.
    const { floor } = figuresAt({ depthMm: 16 }, "wire-insert", "ask-floor") ?? {};
    expect(floor?.toPointMm).toBeCloseTo(18.52, 2);
    expect(floor?.oldToPointMm).toBeCloseTo(18.04, 2);
    expect(floor?.thicknessMm).toBeCloseTo(19.72, 2);
    expect(floor?.thicknessOverFluidMm).toBeCloseTo(22.52, 2);
    expect(stepsOf({}, "wire-insert").map(({ code }) => code)).not.toContain("ask-floor");
  });
});

describe("the load that is wanted", () => {
  const DEEP = { material: "mild-steel", hole: "through", depthMm: 80, engagementMm: 60 } as const;
  const wanted = (name: string, change: Partial<Damage>) => {
    const { gradeId: _said, ...unsaid } = HOLE;
    return wantedLoadN({ ...unsaid, ...DEEP, thread: named(name), ...change });
  };

  // 0.75 x proof stress x stress area: ISO 898-1 and 3506-1, SAE J429.
  it.each<[string, Partial<Damage>, number]>([
    ["M6", {}, 8753],
    ["M8", {}, 15926],
    ["M10", {}, 25226],
    ["M12", {}, 36657],
    ["M20", {}, 110160],
    ["1/2-13 unc", {}, 40240],
    ["3/8-16 unc", {}, 21976],
    ["M8", { material: "stainless" }, 12356],
    ["M8", { gradeId: "4.6" }, 6178],
    ["M8", { gradeId: "12.9" }, 26634],
    ["M8", { gradeId: "10.9" }, 22790],
  ])("by %s with %j is %d N", (name, change, newtons) => {
    expect(Math.abs(wanted(name, change) / newtons - 1)).toBeLessThan(0.005);
  });

  it("is no more than the sound hole held", () => {
    // M8 in cast aluminium: 1615.5 N a millimetre by FED-STD-H28/2B.
    expect(wantedLoadN({ ...HOLE, engagementMm: 6 })).toBeCloseTo(6 * 1615.5, -1);
  });

  it.each([
    ["M8", "8.8"],
    ["1/4-20 unc", "sae-5"],
    ["3/8 bsw", "sae-5"],
    ["#10-32", "8.8"],
    ["2 ba", "8.8"],
  ])("counts an unsaid %s as %s", (name, id) => {
    const counted = countedClass({ thread: named(name), material: "mild-steel" });
    expect(counted).toMatchObject({ said: false, grade: { id } });
  });
});

describe("a longer screw", () => {
  // 8.8 in cast aluminium wants 18.1 mm of an M8; a blind hole ends 3.75 before its bottom.
  const deep = { depthMm: 40, screwLengthMm: 30 };
  it.each<[string, Partial<Damage>, string | undefined]>([
    ["finds 24.25 in a hole of 40", deep, undefined],
    ["finds 8.25 in one of 24", {}, "nothing-below"],
    ["finds none under a bore torn over its thread", { ...deep, boreMm: 8.3 }, "nothing-below"],
    ["finds what somebody says is there", { ...deep, boreMm: 8.3, soundBelowMm: 20 }, undefined],
    ["finds none where an insert was", { ...deep, symptom: "insert-out" }, "nothing-below"],
  ])("%s", (_, change, code) => {
    expect(refusalOf(change, "longer-screw")).toBe(code);
  });

  it("is named by its length, of those stocked: 48.1 to 54.25 is 50", () => {
    expect(figuresAt(deep, "longer-screw", "pick-length")).toMatchObject({ lengthMm: 50 });
    const unsaid = figuresAt({ depthMm: 40 }, "longer-screw", "pick-length");
    expect(unsaid).toMatchObject({ beyondOld: true });
    expect(unsaid?.leastMm).toBeCloseTo(18.1, 1);
  });
});

describe("a left-hand thread", () => {
  const left = { thread: inHand(named("M8"), "left") };
  it.each<RepairKind>(["wire-insert"])("has no %s", (kind) => {
    expect(refusalOf(left, kind)).toBe("no-left-hand");
  });

  it("is walked out by the common drill, never by a left-hand one", () => {
    const codes = stepsOf({ ...left, symptom: "snapped" }, "extract").map(({ code }) => code);
    expect(codes).toContain("right-drill");
    expect(codes).not.toContain("left-drill");
  });

  it("is tapped, gauged and tightened to the left, and stays left a size up", () => {
    const wide = { ...left, edgeMm: 30, depthMm: 30 };
    expect(optionOf(wide, "oversize").thread.hand).toBe("left");
    const steps = stepsOf(wide, "oversize");
    expect(steps.find(({ code }) => code === "tap")?.cut).toMatchObject({
      size: expect.stringMatching(/LH$/),
      turn: { sense: "left" },
    });
    expect(steps.find(({ code }) => code === "tighten")?.figures.hand).toBe("left");
  });

  it("is read from its name", () => {
    expect(findThread("M8 LH")?.hand).toBe("left");
  });
});

describe("a pipe thread", () => {
  const port = { thread: named("G 1/4"), hole: "through", depthMm: 14, edgeMm: 25 } as const;

  it("has nothing advised before it is said what it holds in", () => {
    const verdicts = repairOptions({ ...HOLE, ...port }).map(({ kind, verdict }) => [
      kind,
      verdict,
    ]);
    for (const [kind, verdict] of verdicts) {
      expect([kind, verdict]).toEqual([kind, kind === "replace-part" ? "possible" : "refused"]);
    }
    expect(refusalOf(port, "oversize")).toBe("ask-medium");
  });

  it.each(["gas", "steam", "hydraulic", "brake", "fuel", "refrigerant"] as const)(
    "of %s is licensed work",
    (medium) => {
      const [first] = optionOf({ ...port, medium }, "oversize").reasons;
      expect(first).toMatchObject({ refusal: { code: "defer", licensed: true, medium } });
    },
  );

  it.each(["water", "air", "oil"] as const)("of %s is mended, and tested for leaks", (medium) => {
    const up = optionOf({ ...port, medium }, "oversize");
    expect(up.verdict).not.toBe("refused");
    expect(up.thread.designation).toBe("G 3/8");
    expect(up.needs.map(({ tool }) => tool)).toContain("reducing-bush");
    expect(stepsOf({ ...port, medium }, "oversize").map(({ code }) => code)).toContain("leak-test");
    expect(optionOf({ ...port, medium }, "solid-bush").verdict).not.toBe("refused");
  });

  it("goes up to the next of its own kind: 1/4 NPT to 3/8", () => {
    const npt = { ...port, thread: named("1/4 npt"), medium: "air", depthMm: 20 } as const;
    expect(optionOf(npt, "oversize").thread.designation).toBe("3/8-18 NPT");
  });

  it("of shop air under pressure needs no licence, and the sentence's record says so", () => {
    const bolted = { duty: "pressure", medium: "air" } as const;
    expect(optionOf(bolted, "wire-insert").reasons[0]).toMatchObject({
      refusal: { code: "defer", licensed: false },
    });
  });
});

describe("a screw on which safety hangs", () => {
  const stud: Partial<Damage> = {
    symptom: "bruised",
    part: "screw",
    thread: named("M12 x 1.5"),
    gradeId: "10.9",
    duty: "safety-critical",
  };
  it("is replaced before it is filed", () => {
    const read = { ...stud, acknowledged: true };
    expect(best(read)?.kind).toBe("replace-fastener");
    expect(optionOf(read, "file").verdict).toBe("possible");
    expect(refusalOf(read, "die")).toBe("never-here");
    expect(best(stud)?.kind).toBe("replace-fastener");
  });

  it("is cut by a die on no thread that is half gone, whatever asks", () => {
    const plain = { ...stud, duty: "ordinary", gradeId: "4.6", soundShare: 0.5 } as const;
    expect(refusalOf(plain, "die")).toBe("too-far-gone");
  });
});
