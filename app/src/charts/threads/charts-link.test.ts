import { changeCharts, type ChartsState } from "../../data/kept/charts-state";
import { chartsAddress, chartsPath, takeChartsParams } from "./charts-link";

const SEARCH: ChartsState = {
  query: "9.5 mm",
  side: "internal",
  quality: "fine",
  family: "unified",
  series: "UNC",
  flankAngleDeg: 60,
  pinned: [],
  drillSize: "",
  drillThread: "",
  convertText: "",
  convertPitch: "",
};

function asked(): unknown {
  return (
    (JSON.parse(localStorage.getItem("rg.charts") ?? "{}") as { state?: unknown }).state ??
    JSON.parse(localStorage.getItem("rg.charts") ?? "{}")
  );
}

describe("a link to a search", () => {
  it("brings back all that was asked", () => {
    changeCharts({ query: "m8", series: "coarse" });
    const { searchParams } = new URL(chartsPath(SEARCH), "http://localhost");
    takeChartsParams(Object.fromEntries(searchParams));
    const { query, side, quality, family, series, flankAngleDeg } = SEARCH;
    expect(asked()).toMatchObject({ query, side, quality, family, series, flankAngleDeg });
  });

  it("leaves the usual unsaid, and takes from the address what is asked no more", () => {
    const usual = { ...SEARCH, query: "", side: "external", quality: "medium" } as const;
    const plain = { ...usual, family: undefined, series: undefined, flankAngleDeg: undefined };
    expect(chartsPath(plain)).toBe("/charts");
    expect(chartsAddress(plain)).toHaveProperty("family", undefined);
  });

  it("does not believe what is no word of the chart", () => {
    takeChartsParams({ q: "M10", side: "upside-down", family: "nothing", angle: "steep" });
    expect(asked()).toMatchObject({ query: "M10", side: "external" });
    expect(asked()).not.toHaveProperty("family", "nothing");
  });
});
