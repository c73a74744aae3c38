import { named } from "../../testing";
import { catalogue, limits, sizesOverCrests } from "../../catalogue/threads";
import { classOfQuality, searchThreads, type SearchOptions } from "./index";

const MM: SearchOptions = { units: "mm" };
const namesFor = (text: string, options = MM) =>
  searchThreads(text, options).hits.map(({ thread }) => thread.designation);

describe("searching the catalogue", () => {
  it("lists everything while nothing is typed", () => {
    expect(searchThreads("  ", MM).hits).toHaveLength(catalogue().length);
  });

  it("finds by the beginning of a name, the exact thread first", () => {
    expect(namesFor("m10")[0]).toBe("M10 x 1.5");
    expect(namesFor("m10").every((name) => /^M10(\D|$)|^M100/.test(name))).toBe(true);
    expect(namesFor("5/16 bsf")).toEqual(["5/16-22 BSF"]);
    expect(namesFor("npt").length).toBeGreaterThan(10);
    expect(namesFor("1-1/2")[0]).toMatch(/^1 1\/2-/);
  });

  it("finds by the part a thread is met on, and by family", () => {
    expect(namesFor("sparking plug")).toContain("M14 x 1.25");
    expect(namesFor("grease nipple")).toContain("1/8-27 NPT");
    expect(namesFor("trapezoidal").every((name) => name.startsWith("Tr "))).toBe(true);
  });

  it("finds by diameter every thread whose sound size holds it, and says how far off the worn ones are", () => {
    for (const mm of [4.72, 9.5, 12.52, 20.9]) {
      const found = new Map(
        searchThreads(`${mm} mm`, MM).hits.map(({ thread, reason }) => [thread.id, reason]),
      );
      for (const thread of catalogue()) {
        const sound = sizesOverCrests(thread);
        if (sound === undefined || mm < sound.min || mm > sound.max) continue;
        expect(found.get(thread.id)).toEqual({ kind: "diameter", offMm: 0 });
      }
    }
    const worn = searchThreads("9.6", MM).hits.find(({ thread }) => thread.id === "iso-m10x1.5");
    expect(worn?.reason).toEqual({ kind: "diameter", offMm: expect.closeTo(9.6 - 9.732, 9) });
  });

  it("orders diameters by how far outside they are, in steps of a caliper's doubt", () => {
    const offs = searchThreads("9.5 mm", MM).hits.flatMap(({ reason }) =>
      reason.kind === "diameter" ? [Math.floor(Math.abs(reason.offMm) / 0.04)] : [],
    );
    expect(offs.length).toBeGreaterThan(5);
    expect(offs).toEqual([...offs].sort((a, b) => a - b));
    expect(namesFor("9.5 mm").slice(0, 6)).toContain("3/8-16 UNC");
  });

  it("finds a nut by its bore", () => {
    const bore = searchThreads("10.2", { ...MM, side: "internal" }).hits;
    expect(bore.map(({ thread }) => thread.id)).toContain("iso-m12x1.75");
    const { min = 0, max = 0 } = limits(named("M12"), "internal").minor;
    expect(10.2 >= min && 10.2 <= max).toBe(true);
  });

  it.each([
    [".37", "3/8-16 UNC"],
    ["3/8", "3/8-16 UNC"],
    ["9,4 mm", "3/8-16 UNC"],
    ["Ø 9.4", "3/8-16 UNC"],
  ])("reads %j as a diameter within reach of %s", (text, designation) => {
    expect(namesFor(text)).toContain(designation);
  });

  it("takes a bare decimal in the units that are shown", () => {
    expect(namesFor("0.49", { units: "in" })).toContain("1/2-13 UNC");
    expect(namesFor("0.49", MM)).not.toContain("1/2-13 UNC");
  });

  it.each([
    ["20 tpi", "1/4-20 UNC"],
    ["p1.25", "M8 x 1.25"],
    ["1.25 pitch", "M8 x 1.25"],
    ["pitch 1.25 mm", "M8 x 1.25"],
  ])("reads %j as a pitch, %s among its threads", (text, designation) => {
    const { hits, understood } = searchThreads(text, MM);
    expect(hits.map(({ thread }) => thread.designation)).toContain(designation);
    expect(understood[0]?.kind).toBe("pitch");
  });

  it("names both neighbours of a pitch between two standards", () => {
    const [understanding] = searchThreads("1.3 pitch", MM).understood;
    expect(understanding).toMatchObject({ kind: "pitch", neighbours: [{ tpi: 20 }, { tpi: 19 }] });
  });

  it("filters by family, series and angle", () => {
    const filtered = searchThreads("1/2", { ...MM, filter: { flankAngleDeg: 55 } }).hits;
    expect(filtered.length).toBeGreaterThan(2);
    expect(filtered.every(({ thread }) => thread.flankAngleDeg === 55)).toBe(true);
    expect(namesFor("", { ...MM, filter: { series: "BSF" } }).every((n) => n.endsWith("BSF"))).toBe(
      true,
    );
    expect(namesFor("", { ...MM, filter: { family: "ba" } })).toHaveLength(17);
  });

  it("says its ends to a diameter outside them, and the reason to a name that is none", () => {
    expect(searchThreads("500", MM).understood).toMatchObject([
      { kind: "diameter-outside", mm: 500 },
    ]);
    expect(searchThreads("M13", MM)).toMatchObject({
      hits: [{ thread: { id: "iso-m12x1.75" } }, { thread: { id: "iso-m14x2" } }],
      understood: [{ kind: "problem", problem: { code: "size-not-held" } }],
    });
    expect(searchThreads("zz", MM)).toMatchObject({
      hits: [],
      understood: [{ kind: "problem", problem: { code: "designation-unreadable", read: "zz" } }],
    });
  });
});

describe("the class of a quality", () => {
  it.each([
    ["M10", "external", "fine", "4h"],
    ["M10", "internal", "coarse", "7H"],
    ["1/2-13", "external", "fine", "3A"],
    ["1/2-13", "external", "medium", "2A"],
    ["1/2 bsw", "external", "coarse", "free"],
    ["G 1/2", "external", "coarse", "B"],
    ["R 1/2", "external", "fine", "standard"],
  ] as const)("of %s %s, %s, is %s", (name, side, quality, toleranceClass) => {
    expect(classOfQuality(named(name), side, quality)).toBe(toleranceClass);
  });

  it("is one that the thread has, for all", () => {
    for (const thread of catalogue()) {
      for (const quality of ["fine", "medium", "coarse"] as const) {
        const toleranceClass = classOfQuality(thread, "internal", quality);
        expect(limits(thread, "internal", toleranceClass).toleranceClass).toBe(toleranceClass);
      }
    }
  });
});
