import { named } from "../../testing";
import { catalogue, limits } from "../../catalogue/threads";
import { MM_PER_INCH } from "../../measure";
import {
  asTapDrill,
  chartDrill,
  clearanceHoles,
  drillBeforeReamer,
  drillForPercent,
  drillsOf,
  DRILL_SETS,
  nearestDrills,
  percentThread,
  tapDrills,
} from "./index";

/** ISO 2306, tapping drills for metric threads, mm. */
const ISO_2306: readonly (readonly [string, number])[] = [
  ["M2", 1.6],
  ["M2.5", 2.05],
  ["M3", 2.5],
  ["M4", 3.3],
  ["M5", 4.2],
  ["M6", 5],
  ["M8", 6.8],
  ["M8x1", 7],
  ["M10", 8.5],
  ["M10x1.25", 8.8],
  ["M12", 10.2],
  ["M12x1.25", 10.8],
  ["M12x1.5", 10.5],
  ["M14", 12],
  ["M16", 14],
  ["M18", 15.5],
  ["M20", 17.5],
  ["M24", 21],
  ["M30", 26.5],
  ["M36", 32],
  ["M42", 37.5],
  ["M64", 58],
];

/** British charts (BS 1157), mm: what the rule of the largest drill within the limits gives too. */
const BRITISH: readonly (readonly [string, number])[] = [
  ["0 BA", 5.1],
  ["1 BA", 4.5],
  ["2 BA", 4],
  ["3 BA", 3.4],
  ["4 BA", 3],
  ["6 BA", 2.3],
  ["8 BA", 1.8],
  ["1/4 bsw", 5.1],
  ["5/16 bsw", 6.5],
  ["3/8 bsw", 7.9],
  ["1/2 bsw", 10.5],
  ["G 1/8", 8.8],
  ["G 1/4", 11.8],
];

/** Number, letter and fractional drills of the inch chart, in. */
const INCH_CHART: readonly (readonly [string, string, number])[] = [
  ["#4-40", "43", 0.089],
  ["#6-32", "36", 0.1065],
  ["#8-32", "29", 0.136],
  ["#10-24", "25", 0.1495],
  ["#10-32", "21", 0.159],
  ["1/4-20", "7", 0.201],
  ["1/4-28", "3", 0.213],
  ["5/16-18", "F", 0.257],
  ["5/16-24", "I", 0.272],
  ["3/8-16", "5/16", 0.3125],
  ["3/8-24", "Q", 0.332],
  ["7/16-14", "U", 0.368],
  ["1/2-13", "27/64", 0.4219],
  ["1/2-20", "29/64", 0.4531],
  ["5/8-11", "17/32", 0.5313],
  ["3/4-10", "21/32", 0.6563],
  ["1-8", "7/8", 0.875],
  ["1/8 npt", "Q", 0.332],
  ["1/4 npt", "7/16", 0.4375],
  ["1/2 npt", "45/64", 0.7031],
];

describe("chart drills", () => {
  it.each(ISO_2306)("%s takes %d mm by ISO 2306", (name, mm) => {
    expect(chartDrill(named(name)).drill.mm).toBeCloseTo(mm, 9);
  });

  it.each(BRITISH)("%s takes %d mm", (name, mm) => {
    expect(chartDrill(named(name)).drill.mm).toBeCloseTo(mm, 9);
  });

  it.each(INCH_CHART)("%s takes drill %s", (name, mark, inches) => {
    const { drill } = chartDrill(named(name));
    expect(drill.mark).toBe(mark);
    expect(drill.mm / MM_PER_INCH).toBeCloseTo(inches, 4);
  });

  // The chart of the pipe trade, drilled and drilled for a taper reamer.
  it.each([
    ["1/8 npt", "Q", "21/64"],
    ["1/4 npt", "7/16", "27/64"],
    ["3/8 npt", "37/64", "9/16"],
    ["1/2 npt", "45/64", "11/16"],
    ["3/4 npt", "59/64", "57/64"],
    ["1 npt", "1 5/32", "1 1/8"],
    ["1 1/2 npt", "1 47/64", "1 45/64"],
    ["2 npt", "2 7/32", "2 3/16"],
  ])("%s takes %s, or %s before a reamer", (name, drilled, reamed) => {
    expect(chartDrill(named(name)).drill.mark).toBe(drilled);
    expect(drillBeforeReamer(named(name))?.mark).toBe(reamed);
  });

  it("knows of no reaming for parallel threads", () => {
    expect(drillBeforeReamer(named("1/4-20"))).toBeUndefined();
  });

  it("never leaves a parallel thread under half its depth", () => {
    for (const thread of catalogue().filter(({ taper }) => taper === undefined)) {
      const { drill } = chartDrill(thread);
      expect(drill.mm).toBeLessThan(thread.majorMm);
      expect([thread.designation, percentThread(thread, drill.mm) > 50]).toEqual([
        thread.designation,
        true,
      ]);
    }
  });
});

describe("percent of thread", () => {
  // 100 (D - d) / (1.299038 P) worked by hand; 55 degrees with 1.280654 P.
  it.each([
    ["1/4-20", 0.201 * MM_PER_INCH, 75.4],
    ["1/2-13", (27 / 64) * MM_PER_INCH, 78.2],
    ["M10", 8.5, 77.0],
    ["1/2 bsw", 10.5, 81.2],
  ])("%s with a drill of %d mm is %d", (name, mm, percent) => {
    expect(percentThread(named(name), mm)).toBeCloseTo(percent, 1);
  });

  it("is undone by the drill for a percent, for every thread", () => {
    for (const thread of catalogue()) {
      expect(percentThread(thread, drillForPercent(thread, 70))).toBeCloseTo(70, 6);
    }
  });
});

describe("ranked tapping drills", () => {
  it("puts the drill nearest to the percent wished for first, out of the sets owned", () => {
    const thread = named("M10");
    const ranked = tapDrills(thread, { tools: { drillSets: ["metric-halves"] }, percent: 75 });
    expect(ranked[0]?.drill.mark).toBe("8.5");
    expect(ranked.every(({ drill }) => drill.set === "metric-halves")).toBe(true);
    for (const within of [true, false]) {
      const misses = ranked
        .filter(({ withinLimits }) => withinLimits === within)
        .map(({ percent }) => Math.abs(percent - 75));
      expect(misses).toEqual([...misses].sort((a, b) => a - b));
    }
    const firstOutside = ranked.findIndex(({ withinLimits }) => withinLimits === false);
    expect(ranked.slice(firstOutside).every(({ withinLimits }) => withinLimits === false)).toBe(
      true,
    );
  });

  it("says what a share means and whether the hole is within the nut's limits", () => {
    const thread = named("M10");
    const { min = 0, max = 0 } = limits(thread, "internal").minor;
    const sized = (mm: number) =>
      asTapDrill(thread, { set: "metric-tenths", mark: String(mm), mm });
    expect(sized(8.3)).toMatchObject({ suits: "too-full", withinLimits: 8.3 >= min && 8.3 <= max });
    expect(sized(8.6)).toMatchObject({ suits: "good", withinLimits: true });
    expect(sized(9.2)).toMatchObject({ suits: "too-shallow", withinLimits: false });
  });
});

describe("drill sets", () => {
  it("hold 80 numbers, 26 letters and every 64th up to 1 3/4 in", () => {
    expect(drillsOf(["number"])).toHaveLength(80);
    expect(drillsOf(["letter"])).toHaveLength(26);
    expect(drillsOf(["fractional"]).filter(({ mm }) => mm <= 1.75 * MM_PER_INCH)).toHaveLength(112);
  });

  it("run in order of size when interleaved, letter E beside the 1/4", () => {
    const all = drillsOf(DRILL_SETS);
    expect(all.every(({ mm }, i) => i === 0 || mm >= (all[i - 1]?.mm ?? 0))).toBe(true);
    const quarter = nearestDrills(6.35, drillsOf(["fractional", "letter"]), 2).map(
      ({ drill }) => drill.mark,
    );
    expect(quarter).toEqual(expect.arrayContaining(["1/4", "E"]));
  });

  it("gives the nearest drills with the signed difference", () => {
    const near = nearestDrills(8.53, drillsOf(["metric-tenths"]), 2);
    expect(near).toMatchObject([
      { drill: { mark: "8.5" }, differenceMm: expect.closeTo(-0.03, 9) },
      { drill: { mark: "8.6" }, differenceMm: expect.closeTo(0.07, 9) },
    ]);
  });
});

describe("clearance holes", () => {
  it.each([
    ["M3", 3.2, 3.4, 3.6],
    ["M5", 5.3, 5.5, 5.8],
    ["M8x1", 8.4, 9, 10],
    ["M10", 10.5, 11, 12],
    ["M16", 17, 17.5, 18.5],
    ["M24", 25, 26, 28],
  ])("%s by ISO 273", (name, close, normal, free) => {
    expect(clearanceHoles(named(name))).toMatchObject({
      standard: "ISO 273",
      close: { mm: close },
      normal: { mm: normal },
      free: { mm: free },
    });
  });

  it.each([
    ["#10-32", "#5", "#2", "B"],
    ["1/4-20", "17/64", "9/32", "19/64"],
    ["1/2-13", "17/32", "9/16", "39/64"],
    ["1-8", "1 1/32", "1 3/32", "1 5/32"],
  ])("%s by ASME B18.2.8", (name, close, normal, free) => {
    expect(clearanceHoles(named(name))).toMatchObject({
      standard: "ASME B18.2.8",
      close: { mark: close },
      normal: { mark: normal },
      free: { mark: free },
    });
  });

  it("are none for pipes and power screws, and always let the bolt through", () => {
    expect(clearanceHoles(named("G 1/2"))).toBeUndefined();
    expect(clearanceHoles(named("Tr 20x4"))).toBeUndefined();
    for (const thread of catalogue()) {
      const holes = clearanceHoles(thread);
      if (holes === undefined) continue;
      expect(holes.close.mm).toBeGreaterThan(thread.majorMm);
      expect(holes.normal.mm).toBeGreaterThan(holes.close.mm);
      expect(holes.free.mm).toBeGreaterThan(holes.normal.mm);
    }
  });
});
