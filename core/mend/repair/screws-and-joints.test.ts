import { ownedDrills } from "../holes";
import { catalogue, findThread, insertTappedId, threadById } from "../../catalogue/threads";
import {
  anyThreadById,
  damageFrom,
  damageProblems,
  oddThread,
  optionKey,
  repairOptions,
  repairWork,
  storedDamage,
  wornShare,
  type Damage,
  type RepairKind,
} from "./index";

const thread = (name: string) => {
  const found = findThread(name);
  if (found === undefined) throw new Error(name);
  return found;
};

const STUD: Damage = {
  symptom: "bruised",
  part: "screw",
  thread: thread("M10"),
  material: "mild-steel",
  hole: "through",
  depthMm: 10,
  duty: "ordinary",
  often: false,
};

const HOLE: Damage = {
  symptom: "strips",
  part: "hole",
  thread: thread("M8"),
  material: "aluminium-cast",
  hole: "blind",
  depthMm: 24,
  edgeMm: 12,
  engagementMm: 12,
  gradeId: "8.8",
  duty: "ordinary",
  often: true,
};

function refusalOf(damage: Damage, kind: RepairKind): unknown {
  const [first] = repairOptions(damage).find((option) => option.kind === kind)?.reasons ?? [];
  return first?.code === "refused" ? first.refusal : undefined;
}

describe("worn screws", () => {
  // ((d2 + d3)/2 - loss)^2 over ((d2 + d3)/2)^2 with d2 and d3 of ISO 724 and ISO 68-1.
  it.each([
    ["M10", 0.3, (9.026 + 8.16) / 2],
    ["M8", 0.2, (7.188 + 6.466) / 2],
    ["M12", 0.5, (10.863 + 9.853) / 2],
    ["1/2-13 UNC", 0.4, 25.4 * ((0.45 + 0.4056) / 2)],
  ])("keep a share of their stressed section: %s less %d mm", (name, loss, stressed) => {
    expect(wornShare(thread(name), loss)).toBeCloseTo(((stressed - loss) / stressed) ** 2, 3);
  });

  it("are thrown away under 0.95 of it from class 8.8 up, and under 0.90 below", () => {
    const worn = { ...STUD, wearMm: 0.3 };
    expect(refusalOf({ ...worn, gradeId: "8.8" }, "file")).toMatchObject({
      code: "worn-away",
      least: 0.95,
    });
    expect(refusalOf({ ...worn, gradeId: "4.6" }, "file")).toBeUndefined();
    expect(refusalOf({ ...STUD, wearMm: 0.5, gradeId: "4.6" }, "file")).toMatchObject({
      least: 0.9,
    });
  });

  it.each(["crack", "waist", "stretch"] as const)("are thrown away for a %s", (flaw) => {
    const [best] = repairOptions({ ...STUD, flaws: [flaw] });
    expect(best?.kind).toBe("replace-fastener");
    expect(refusalOf({ ...STUD, flaws: [flaw] }, "chase")).toEqual({ code: "flawed", flaw });
  });
});

describe("a screw of no standard", () => {
  const odd = oddThread(12.3, 1.27);

  it("is filed by its pitch, and neither chased nor cut by a die", () => {
    const work = repairWork({ ...STUD, thread: odd });
    expect(work.chosen?.kind).toBe("file");
    expect(refusalOf({ ...STUD, thread: odd }, "chase")).toEqual({ code: "no-standard" });
    expect(refusalOf({ ...STUD, thread: odd }, "die")).toEqual({ code: "no-standard" });
    expect(work.steps.map(({ code }) => code)).toEqual(
      "lay-out measure file run-nut clean trial-screw tighten record".split(" "),
    );
  });

  it("is called by its pitch as it was read, and found by its id again", () => {
    expect(odd.designation).toBe("12.3 mm, 20 TPI");
    expect(oddThread(9.7, 1.25).designation).toBe("9.7 mm, pitch 1.25");
    expect(anyThreadById(odd.id)).toEqual(odd);
    expect(anyThreadById("iso-m8x1.25")).toBe(thread("M8"));
    expect(anyThreadById("odd-x")).toBeUndefined();
  });
});

describe("joints that leak", () => {
  const joint = (port: string, male: string): Damage => ({
    ...HOLE,
    symptom: "leaks",
    thread: thread(port),
    male: thread(male),
    medium: "water",
  });

  it.each([
    ["G 1/2", "1/2 NPT", "other-system"],
    ["1/2 NPT", "R 1/2", "other-system"],
    ["G 1/2", "R 1/2", "taper-in-parallel"],
    ["G 1/2", "G 3/8", "other-size"],
    ["M20 x 1.5", "G 1/2", "not-pipe"],
  ])("take an adaptor where they never seal: %s with %s", (port, male, reason) => {
    expect(repairWork(joint(port, male)).chosen?.kind).toBe("adaptor");
    expect(refusalOf(joint(port, male), "reseal")).toEqual({ code: "never-seals", reason });
  });

  it.each([
    ["G 1/2", "G 1/2"],
    ["R 1/2", "R 1/2"],
    ["1/2 NPT", "1/2 NPT"],
  ])("are sealed anew where the pair is right: %s with %s", (port, male) => {
    expect(repairWork(joint(port, male)).chosen?.kind).toBe("reseal");
    expect(refusalOf(joint(port, male), "adaptor")).toEqual({ code: "pair-is-right" });
  });

  it("are made up by so many turns as the taper allows (ISO 7-1: 4.5, then 2 3/4)", () => {
    const { steps } = repairWork(joint("R 1/2", "R 1/2"));
    const { figures } = steps.find(({ code }) => code === "assemble")!;
    expect(figures.turns).toBeCloseTo(4.52, 2);
    expect((figures.mostTurns ?? 0) - (figures.turns ?? 0)).toBeCloseTo(2.76, 2);
  });

  it.each(["gas", "steam", "hydraulic", "brake"] as const)("of %s are licensed work", (medium) => {
    const [best] = repairOptions({ ...joint("G 1/2", "1/2 NPT"), medium });
    expect(best?.kind).toBe("replace-part");
    expect(refusalOf({ ...joint("G 1/2", "G 1/2"), medium }, "reseal")).toMatchObject({
      code: "defer",
    });
  });
});

describe("what nobody mends by feel", () => {
  it("is all that holds a building, a crane or a rack up", () => {
    const offered = repairOptions({ ...HOLE, structural: true }).filter(
      ({ verdict }) => verdict !== "refused",
    );
    expect(offered.map(({ kind }) => kind)).toEqual(["replace-part"]);
  });
});

describe("figures that cannot be", () => {
  const codes = (change: Partial<Damage>) =>
    damageProblems({ ...HOLE, ...change }).map(({ code }) => code);

  it.each<[string, Partial<Damage>]>([
    ["bore-over-thread", { boreMm: 12 }],
    ["wall-gone", { edgeMm: 4 }],
    ["under-tap-lead", { depthMm: 3 }],
    ["deeper-than-part", { thicknessMm: 20 }],
    ["no-drills", { tools: { drillSets: [] } }],
    ["out-of-range", { edgeMm: 300 }],
    ["out-of-range", { torqueNm: 50_000 }],
  ])("are said before anything is worked out: %s", (code, change) => {
    expect(codes(change)).toEqual([code]);
    expect(repairWork({ ...HOLE, ...change })).toMatchObject({ options: [], steps: [] });
  });

  it("leave a sound damage alone", () => {
    expect(codes({})).toEqual([]);
  });

  it("name the drill to get where none leads the insert's tap", () => {
    const tools = {
      drillSets: [],
      extra: ownedDrills({ drillSets: ["metric-halves"] }).slice(0, 3),
    };
    expect(refusalOf({ ...HOLE, tools }, "wire-insert")).toMatchObject({
      code: "no-insert-drill",
      buy: { mark: "8.4" },
    });
  });
});

describe("a choice that was made", () => {
  const insert = "wire-insert iso-m8x1.25";

  it("stands while it is offered, and is said when a new measurement refuses it", () => {
    expect(repairWork(HOLE, { option: insert })).toMatchObject({ chosen: { kind: "wire-insert" } });
    const torn = repairWork({ ...HOLE, boreMm: 9.2 }, { option: insert });
    expect(torn.lost?.kind).toBe("wire-insert");
    expect(torn.chosen?.kind).toBe("solid-bush");
    expect(torn.steps.length).toBeGreaterThan(0);
  });

  it("takes another drill where one was chosen", () => {
    const drill = ownedDrills({ drillSets: ["letter"] }).find(({ mark }) => mark === "Q")!;
    const { steps } = repairWork(HOLE, { option: insert, drill });
    expect(steps.find(({ code }) => code === "drill")?.figures.drillMark).toBe("Q");
  });

  it("takes no drill that was chosen for another thread", () => {
    const drill = ownedDrills({ drillSets: ["metric-tenths"] }).find(
      ({ mark }) => mark === "10.2",
    )!;
    const plain = repairWork(HOLE, { option: insert }).chosen?.drill;
    expect(repairWork(HOLE, { option: insert, drill }).chosen?.drill).toEqual(plain);
    const flange = { ...HOLE, symptom: "too-small", thread: thread("M6"), boreMm: 8.6 } as const;
    const small = ownedDrills({ drillSets: ["metric-tenths"] }).find(({ mark }) => mark === "8.5")!;
    expect(repairWork(flange, { drill: small }).chosen?.drill?.mark).toBe("8.6");
  });

  it("tells each way of mending by its key", () => {
    const flange = { ...HOLE, symptom: "too-small", thread: thread("M6"), boreMm: 8.6 } as const;
    const keys = repairOptions(flange).map(optionKey);
    expect(new Set(keys).size).toBe(keys.length);
  });
});

describe("plans", () => {
  it("drill a plug's hole by the plug and then by the thread that was there", () => {
    const { steps } = repairWork(HOLE, { option: "plug-and-redrill iso-m8x1.25" });
    const drills = steps
      .filter(({ code }) => code === "drill")
      .map(({ figures }) => figures.drillMm);
    expect(drills).toEqual([10.8, 6.8]);
    const taps = steps.filter(({ code }) => code === "tap").map(({ figures }) => figures.thread);
    expect([taps[0], taps.at(-1)]).toEqual(["M12 x 1.25", "M8 x 1.25"]);
  });

  it("let no tap come through where something lies behind", () => {
    const cup = {
      ...HOLE,
      symptom: "too-small",
      thread: thread("1/4 BSW"),
      material: "grey-iron",
      hole: "through",
      depthMm: 8,
      edgeMm: 9,
      purpose: "plug",
      behind: true,
    } as const;
    const { steps, chosen } = repairWork(cup);
    expect(chosen?.thread.designation).toBe("5/16-18 BSW");
    const taps = steps.filter(({ code }) => code === "tap");
    expect(taps.map(({ figures }) => figures.tap)).toEqual(["second", "bottoming"]);
    for (const { figures, cautions } of taps) {
      expect((figures.turns ?? 0) * (25.4 / 18)).toBeLessThanOrEqual(8 + 1e-9);
      expect(cautions).toContain("chips-in-flutes");
    }
    expect(steps.map(({ code }) => code)).toContain("shorten");
  });

  it("say what a tight and a loose test piece mean, by the limits of the hole", () => {
    const { steps } = repairWork({
      ...HOLE,
      symptom: "new",
      material: "mild-steel",
      thread: thread("M10"),
      hole: "through",
      depthMm: 12,
    });
    const branches = steps.find(({ code }) => code === "test-piece")?.branches ?? [];
    const tight = branches.find(({ feel }) => feel === "tight");
    const loose = branches.find(({ feel }) => feel === "loose");
    expect(tight?.drill?.mark).toBe("8.6");
    // ISO 965-1, M10 6H: 8.376 to 8.676; shake (D2 max - d2 min) tan 30 = 0.20.
    expect(tight?.minor).toMatchObject({ min: 8.376, max: 8.676 });
    expect(loose?.shakeMm).toBeCloseTo(0.2, 2);
  });

  it("never branch back past the drill once metal is cut", () => {
    for (const option of repairOptions(HOLE)) {
      const { steps } = repairWork(HOLE, { option: optionKey(option) });
      const cut = steps.findIndex(({ code }) => code === "drill");
      for (const { branches } of steps.slice(Math.max(0, cut))) {
        expect(branches.map(({ then }) => then)).not.toContain("drill");
      }
    }
  });
});

describe("what is stored of a damage", () => {
  it("is the damage again", () => {
    const leak: Damage = { ...HOLE, symptom: "leaks", male: thread("1/2 NPT") };
    for (const damage of [HOLE, STUD, leak, { ...STUD, thread: oddThread(12.3, 1.27) }]) {
      expect(damageFrom(JSON.parse(JSON.stringify(storedDamage(damage))))).toEqual(damage);
    }
    expect(damageFrom({ ...storedDamage(HOLE), threadId: "none" })).toBeUndefined();
  });
});

describe("insert-tapped threads", () => {
  it("are held for every thread that inserts are commonly made for, and offered as no larger thread", () => {
    for (const name of ["M2", "M6", "M39", "#10-24 UNC", "1/4-28 UNF", "1-1/2-6 UNC"]) {
      expect(threadById(insertTappedId(thread(name)))?.only).toBe("internal");
    }
    const held = catalogue().filter(({ family }) => family === "insert-tapped");
    expect(held.length).toBeGreaterThan(80);
    const flange = { ...HOLE, symptom: "too-small", boreMm: 8.6 } as const;
    expect(repairOptions(flange).map(({ thread: { family } }) => family)).not.toContain(
      "insert-tapped",
    );
  });
});
