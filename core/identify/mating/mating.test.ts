import { confusedWith, sameAs, sameDiameter } from "../look-alikes";
import { named } from "../../testing";
import { basicSizes, catalogue, limits } from "../../catalogue/threads";
import { shearArea } from "./flank-gap";
import { willItGo } from "./index";

const go = (male: string, female: string) => willItGo(named(male), named(female));

describe("will it go", () => {
  it("lets every thread into itself, and a taper jam in its own", () => {
    const both = catalogue().filter(({ only }) => only === undefined);
    for (const thread of both) {
      const { outcome, cause } = willItGo(thread, thread);
      expect([thread.designation, outcome]).toEqual([thread.designation, "mates"]);
      expect(cause).toBe(thread.taper === undefined ? "fits" : "taper-joint");
    }
  });

  it("gives the play (D2 - d2) tan 30 of a 60 degree thread at the middle of its limits", () => {
    const thread = named("M10");
    const d2 = limits(thread, "external").pitch;
    const D2 = limits(thread, "internal").pitch;
    const open = ((D2.min ?? 0) + (D2.max ?? 0) - (d2.min ?? 0) - (d2.max ?? 0)) / 2;
    expect(willItGo(thread, thread).axialPlay).toBeCloseTo(open * Math.tan(Math.PI / 6), 9);
  });

  it("binds a 3/8-16 screw in an M10 nut after about four turns, and keeps M10 out of a 3/8-16 nut", () => {
    const mating = go("3/8-16", "M10");
    expect(mating).toMatchObject({ outcome: "binds", cause: "pitch-drift" });
    // By hand: play 0.367 mm, pitches 0.0875 mm apart.
    expect(mating.turns).toBeCloseTo(4.2, 1);
    expect(go("M10", "3/8-16")).toMatchObject({
      outcome: "will-not-start",
      cause: "major-too-large",
    });
  });

  it.each([
    ["1/2-13", "1/2 bsw", "binds"],
    ["5/16-18", "5/16 bsw", "mates"],
    ["M8", "5/16-18", "binds"],
    ["M8", "M10", "loose"],
    ["M10", "M8", "will-not-start"],
    ["#10-32", "3/16 bsf", "mates"],
    ["R 1/2", "G 1/2", "binds"],
    ["1/2 npt", "G 1/2", "binds"],
    ["R 1/2", "Rp 1/2", "mates"],
    ["Rp 1/2", "G 1/2", "will-not-start"],
  ])("%s in %s: %s", (male, female, outcome) => {
    expect(go(male, female).outcome).toBe(outcome);
  });

  it("keeps left and right hand apart, and lets left into left", () => {
    const left = { ...named("M10"), hand: "left" as const };
    expect(willItGo(left, named("M10"))).toMatchObject({
      outcome: "will-not-start",
      cause: "hand",
    });
    expect(willItGo(left, left).outcome).toBe("mates");
  });

  it("has more play at the loose ends of the limits than at the tight ones", () => {
    const thread = named("1/2-13");
    const play = (fit: "loosest" | "tightest") => willItGo(thread, thread, { fit }).axialPlay;
    expect(play("loosest")).toBeGreaterThan(play("tightest"));
    expect(play("tightest")).toBeGreaterThan(0);
  });

  it("binds later in a shorter engagement, or not at all", () => {
    const [male, female] = [named("3/8-16"), named("M10")];
    expect(willItGo(male, female, { engagementMm: 4 }).outcome).not.toBe("binds");
  });
});

describe("strength of a mismatched pair", () => {
  it("is whole in a part's own mate, and a fraction where the crests hardly meet", () => {
    expect(go("M10", "M10").strength).toBeCloseTo(1, 9);
    const loose = go("M8", "M10");
    expect(loose.outcome).toBe("loose");
    expect(loose.strength).toBeLessThan(0.1);
  });

  it("falls as the measured parts wear away from each other, and ends in loose", () => {
    const thread = named("M10");
    const worn = willItGo(thread, thread, {
      maleSizes: { major: 9.2, pitch: 8.7 },
      femaleSizes: { minor: 8.9 },
    });
    expect(worn).toMatchObject({ outcome: "loose", cause: "shallow" });
    expect(worn.strength).toBeLessThan(0.7);
    expect(worn.axialPlay).toBeGreaterThan(willItGo(thread, thread).axialPlay);
  });

  it("shears a screw where FED-STD-H28/2B does: pi D1 (P/2 + 0.57735 (d2 - D1)) a pitch", () => {
    const sizes = { major: 9.85, pitch: 8.93, minor: 8.05 };
    const nut = { major: 10.2, pitch: 9.1, minor: 8.5 };
    const male = { thread: named("M10"), side: "external" as const, ...sizes };
    const female = { thread: named("M10"), side: "internal" as const, ...nut };
    const byStandard = (Math.PI * 8.5 * (0.75 + Math.tan(Math.PI / 6) * (8.93 - 8.5))) / 1.5;
    expect(shearArea(male, female)).toBeCloseTo(byStandard, 9);
    const ofNut = (Math.PI * 9.85 * (0.75 + Math.tan(Math.PI / 6) * (9.85 - 9.1))) / 1.5;
    expect(shearArea(female, male)).toBeCloseTo(ofNut, 9);
  });

  it("keeps a screw out that measures over the nut's major diameter, though it is of the same thread", () => {
    const thread = named("M10");
    const plated = { maleSizes: { major: 10.6 } };
    expect(willItGo(thread, thread, plated)).toMatchObject({
      outcome: "will-not-start",
      cause: "major-too-large",
      strength: 0,
    });
  });
});

describe("a taper and a parallel thread, either way round", () => {
  it("jams where the taper has taken up what stood open", () => {
    // No standard has R in G; on site it is a joint.
    expect(go("R 1/2", "G 1/2")).toMatchObject({ outcome: "binds", cause: "practice-joint" });
    // G starts in NPT of its pitch and jams within a turn.
    expect(go("G 1/2", "1/2 npt")).toMatchObject({ outcome: "binds", cause: "taper" });
    expect(go("G 1/2", "R 1/2")).toMatchObject({ outcome: "binds", cause: "taper" });
    expect(go("1/2 npt", "R 1/2").outcome).not.toBe("mates");
  });
});

describe("threads of the same figures", () => {
  it("links what is one thread by two names", () => {
    expect(sameAs(named("G 1/2")).map(({ id }) => id)).toEqual(["rp-1/2"]);
    expect(sameAs(named("1/4-26 bsf")).map(({ id }) => id)).toEqual(["brass-1/4-26"]);
    expect(sameAs(named("M10"))).toEqual([]);
  });

  it("is mutual", () => {
    for (const thread of catalogue()) {
      for (const other of sameAs(thread)) expect(sameAs(other)).toContain(thread);
    }
  });

  it("lists the other pitches of a diameter, coarse first", () => {
    expect(sameDiameter(named("M10x1")).map(({ pitchMm }) => pitchMm)).toEqual([1.5, 1.25, 0.75]);
  });
});

describe("what a thread is mistaken for", () => {
  it.each([
    ["1/2-13", "1/2-12 BSW", "pitch"],
    ["M8", "5/16-18 UNC", "pitch"],
    ["M10", "3/8-16 UNC", "pitch"],
    ["1/4-20", "1/4-20 BSW", "angle"],
    ["G 1/2", "R 1/2", "taper"],
    ["G 1/2", "1/2-14 NPT", "taper"],
    ["#10-32", "3/16-32 BSF", "angle"],
  ])("%s for %s, told by the %s", (name, other, told) => {
    const found = confusedWith(named(name)).find(({ thread }) => thread.designation === other);
    expect(found?.told).toBe(told);
  });

  it("is the same for a part cut left-hand", () => {
    const ids = (thread: Parameters<typeof confusedWith>[0]) =>
      confusedWith(thread).map(({ thread: { id }, asScrew }) => [id, asScrew.outcome]);
    expect(ids({ ...named("M10"), hand: "left" })).toEqual(ids(named("M10")));
  });

  it("never lists the thread itself or its namesake, and gives the drift over ten threads", () => {
    for (const alike of confusedWith(named("M10"))) {
      expect(alike.thread.id).not.toBe("iso-m10x1.5");
      expect(alike.driftOverTenMm).toBeCloseTo(10 * (alike.thread.pitchMm - 1.5), 9);
      expect(Math.abs(basicSizes(alike.thread).major - 10)).toBeLessThan(1.2);
    }
  });
});

describe("what a thread is mistaken for", () => {
  it("is the next common one before a rare one of its own size", () => {
    const names = (name: string) =>
      confusedWith(named(name)).map(({ thread }) => thread.designation);
    expect(names("3/8-16 UNC").slice(0, 2)).toEqual(["3/8-16 BSW", "M10 x 1.5"]);
    const m10 = names("M10");
    expect(m10.indexOf("3/8-16 UNC")).toBeLessThan(m10.indexOf("Tr 10 x 1.5"));
    expect(names("7/16-20 UNF")[0]).not.toMatch(/^STI/);
  });
});
