import { catalogue, findThread, readPitch, threadById, type Thread } from "@root-gauge/core";
import { searchThreads } from "@root-gauge/core/identify/search";
import { pinsAfter } from "../data/kept/charts-state";
import { csvOf } from "../kit/csv";
import { comparePath, threadPath } from "../shell/links";
import {
  basicFacts,
  compareFacts,
  drillRows,
  hasEstimates,
  lengthConversions,
  limitRows,
  pitchConversions,
} from "@root-gauge/core/say/charts";
import { holeFacts } from "./thread/holes-card";
import { COLUMN_WIDTHS, threadColumns } from "./threads/columns";
import { filterWords } from "./threads/filter-words";
import { hitNote } from "./threads/hit-note";

function named(text: string): Thread {
  const thread = findThread(text);
  if (thread === undefined) throw new Error(`no thread ${text}`);
  return thread;
}

const MEDIUM = { units: "mm", side: "external", quality: "medium" } as const;

describe("pins", () => {
  it("are two at the most, the third taking the place of the first, and come out again", () => {
    expect(pinsAfter([], "a")).toEqual(["a"]);
    expect(pinsAfter(["a", "b"], "c")).toEqual(["b", "c"]);
    expect(pinsAfter(["a", "b"], "a")).toEqual(["b"]);
  });
});

describe("addresses", () => {
  it("carry any id there and back", () => {
    for (const { id } of catalogue()) {
      const parameters = new URL(threadPath(id), "http://localhost").searchParams;
      expect(threadById(parameters.get("id") ?? "")).toBeDefined();
    }
    const both = new URL(comparePath("unc-3/8-16", "iso-m10x1.5"), "http://localhost").searchParams;
    expect([both.get("a"), both.get("b")]).toEqual(["unc-3/8-16", "iso-m10x1.5"]);
  });
});

describe("the table's columns", () => {
  it("stand in the order of the widths, and sort by true size, not by text", () => {
    const columns = threadColumns(MEDIUM);
    expect(columns.map(({ id }) => id)).toEqual(Object.keys(COLUMN_WIDTHS));
    const value = (column: string, name: string) => {
      const found = columns.find(({ id }) => id === column);
      const accessor = found as unknown as { accessorFn: (hit: unknown) => number };
      return accessor.accessorFn({ thread: named(name), reason: { kind: "listed" } });
    };
    expect(value("drill", "1/4-20")).toBeLessThan(value("drill", "5/16-18"));
    expect(value("clearance", "G 1/2")).toBe(Infinity);
    expect(value("limits", "M10")).toBeCloseTo(9.732, 9);
  });

  it("note how far a figure is off, only when it was searched by diameter", () => {
    const [hit] = searchThreads("M10", { units: "mm" }).hits;
    expect(hit && hitNote(hit.reason, "mm")).toBe("");
    expect(hitNote({ kind: "diameter", offMm: -0.232 }, "mm")).toBe("0.23 under");
    expect(hitNote({ kind: "diameter", offMm: 0.0254 }, "in")).toBe("0.0010 over");
    expect(hitNote({ kind: "diameter", offMm: 0 }, "mm")).toBe("inside its limits");
  });

  it("say what they are narrowed to", () => {
    const state = {
      query: "",
      side: "external",
      quality: "medium",
      pinned: [],
      drillSize: "",
      drillThread: "",
      convertText: "",
      convertPitch: "",
    } as const;
    expect(filterWords({ ...state, pinned: [] })).toBe("");
    expect(
      filterWords({
        ...state,
        pinned: [],
        family: "whitworth",
        flankAngleDeg: 55,
        side: "internal",
      }),
    ).toBe("Whitworth · 55° · in the bore");
  });
});

describe("a table as CSV", () => {
  it("quotes what must be quoted", () => {
    const formulas = ["=1+1", "+cmd", "-2+3", "@sum(a)", "-0.5", "+7"];
    expect(
      csvOf(
        ["Cells"],
        formulas.map((cell) => [cell]),
      )
        .split("\r\n")
        .slice(1),
    ).toEqual([`"'=1+1"`, `"'+cmd"`, `"'-2+3"`, `"'@sum(a)"`, "-0.5", "+7"]);
    expect(csvOf(["Thread", "Note"], [["1/2-13 UNC", 'a "half", coarse']])).toBe(
      'Thread,Note\r\n1/2-13 UNC,"a ""half"", coarse"',
    );
  });
});

describe("a thread's figures", () => {
  it("are given in the units asked for", () => {
    const facts = new Map(basicFacts(named("M10"), "in"));
    expect(facts.get("Major diameter, basic")).toBe("0.3937 in");
    expect(facts.get("Pitch")).toBe("1.5 mm · 16.93 TPI");
    expect(facts.get("Tensile stress area")).toBe("0.0899 in²");
    expect(new Map(basicFacts(named("G 1/2"), "mm")).has("Tensile stress area")).toBe(false);
  });

  it("list every class, an estimate with its star", () => {
    expect(limitRows(named("1/2-13"), "internal", "in").map(({ name }) => name)).toEqual([
      "2B",
      "1B",
      "3B",
    ]);
    expect(limitRows(named("1/4-26 cycle"), "external", "mm")[0]?.name).toBe("estimated*");
    expect(limitRows(named("Rp 1/2"), "external", "mm")).toEqual([]);
    expect(hasEstimates(named("1/4-26 cycle"))).toBe(true);
    expect(hasEstimates(named("M10"))).toBe(false);
  });

  it("name drill, clearance and spanner", () => {
    expect(holeFacts(named("1/4-20"), "in")).toEqual([
      ["Tapping drill", "no. 7 (0.2010 in)"],
      ["Share of full thread", "75 %"],
      ["Clearance, close", "17/64 (0.2656 in)"],
      ["Clearance, normal", "9/32 (0.2813 in)"],
      ["Clearance, free", "19/64 (0.2969 in)"],
      ["Spanner, hexagon bolt", "7/16 in (0.4375 in)"],
    ]);
    expect(holeFacts(named("R 1/2"), "mm").map(([name]) => name)).toEqual(["Tapping drill"]);
  });

  it("stand against another's with the difference", () => {
    const [major, , , pitch, angle, taper] = compareFacts(named("G 1/2"), named("1/2 npt"), "mm");
    expect(major).toMatchObject({ first: "20.955 mm", second: "21.224 mm", difference: "0.269" });
    expect(pitch).toMatchObject({ first: "14 TPI (1.814 mm)" });
    expect(angle).toMatchObject({ first: "55°", second: "60°", difference: "" });
    expect(taper).toMatchObject({ first: "parallel", second: "1 in 16" });
  });
});

describe("the drills listed", () => {
  it("are the nearest to a typed size, with the difference", () => {
    const rows = drillRows({
      tools: { drillSets: ["fractional"] },
      sizeMm: 10.8,
      thread: undefined,
    });
    expect(rows).toHaveLength(12);
    const nearest = rows.find(({ name }) => name === "27/64 in");
    expect(nearest?.difference).toBe("−0.084");
    expect(nearest?.percent).toBe("");
  });

  it("are those of use for a thread, each with its share and whether the hole is in limits", () => {
    const rows = drillRows({
      tools: { drillSets: ["metric-tenths"] },
      sizeMm: undefined,
      thread: named("M10"),
    });
    const byName = new Map(rows.map((row) => [row.name, row]));
    expect(byName.get("8.5 mm")).toMatchObject({ percent: "77 %", withinLimits: true });
    expect(byName.get("9 mm")).toMatchObject({ percent: "51 %", withinLimits: false });
    expect(byName.has("5 mm")).toBe(false);
  });

  it("are all of them for neither, and none without a set", () => {
    expect(
      drillRows({
        tools: { drillSets: ["number", "letter"] },
        sizeMm: undefined,
        thread: undefined,
      }),
    ).toHaveLength(106);
    expect(drillRows({ tools: { drillSets: [] }, sizeMm: 5, thread: undefined })).toEqual([]);
  });
});

describe("conversions", () => {
  it("give a length in every way it is written", () => {
    const facts = new Map(lengthConversions(12.7));
    expect(facts.get("Inches")).toBe("0.50000 in");
    expect(facts.get("Thousandths")).toBe("500 thou");
    expect(facts.get("Nearest 64th")).toBe("1/2 in, exactly");
    expect(new Map(lengthConversions(12.52)).get("Nearest 64th")).toBe("1/2 in, 7.1 thou under");
  });

  it("give a pitch as threads per inch and over ten threads", () => {
    const facts = new Map(pitchConversions(1.27));
    expect(facts.get("Threads per inch")).toBe("20 TPI");
    expect(facts.get("Ten threads")).toBe("12.7 mm");
  });

  it.each([
    ["1.25", "mm", 1.25],
    ["1,25 mm", "in", 1.25],
    ["20", "in", 1.27],
    ["20 tpi", "mm", 1.27],
    [".05 in", "mm", 1.27],
  ] as const)("read the pitch %j in %s as %d mm", (text, units, pitchMm) => {
    expect(readPitch(text, units)).toEqual({ kind: "pitch", pitchMm: expect.closeTo(pitchMm, 9) });
  });

  it.each(["zz", "0", "-1", "500 tpi", "40 mm", "1.2.3"])("refuse %j and repeat it", (text) => {
    expect(readPitch(text, "mm")).toEqual({ kind: "unreadable", read: text });
  });

  it("take nothing typed as nothing wrong", () => {
    expect(readPitch("  ", "mm")).toEqual({ kind: "empty" });
  });
});
