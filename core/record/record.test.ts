import { identify } from "../identify/weigh";
import {
  besideOf,
  countStates,
  isSameName,
  mayStandWithin,
  namesOfPath,
  originReading,
  pathTo,
  rankAt,
  treeRows,
  yearIn,
  type Placed,
  type PositionState,
} from "./index";

const at = (id: string, parentId: string | null, name: string, rank = 0): Placed => ({
  id,
  parentId,
  name,
  rank,
});

const FEED = at("feed", null, "Feed side");
const BAR = at("bar", "feed", "Gripper bar");
const LEFT = at("left", "bar", "Left");
const RIGHT = at("right", "bar", "Right");
const DRIVE = at("drive", null, "Drive side");
const ALL = [LEFT, RIGHT, BAR, DRIVE, FEED];
const known = new Map(ALL.map((one) => [one.id, one]));

describe("a place in one line", () => {
  it.each([
    ["feed side / gripper bar / left", ["feed side", "gripper bar", "left"]],
    ["Frame bolt, lower left", ["Frame bolt, lower left"]],
    ["1/2 joint / nipple", ["1/2 joint", "nipple"]],
    ["  / Damp room /  / tap ", ["Damp room", "tap"]],
    ["", []],
  ])("%s", (text, names) => {
    expect(namesOfPath(text)).toEqual(names);
  });

  it("keeps all that was typed however deep it goes", () => {
    const deep = Array.from({ length: 30 }, (_, i) => `n${i}`).join(" / ");
    expect(namesOfPath(deep).join(" / ")).toBe(deep);
    expect(namesOfPath(deep).length).toBeLessThan(20);
  });

  it("is the same name however it is spaced and written", () => {
    expect(isSameName("Gripper  bar", " gripper bar ")).toBe(true);
    expect(isSameName("Gripper bar", "Gripper bars")).toBe(false);
  });
});

describe("the positions of a machine", () => {
  it("stand under what they are within, in order, counted through all depths", () => {
    const rows = treeRows(ALL);
    expect(rows.map(({ position, depth, within }) => [position.id, depth, within])).toEqual([
      ["drive", 0, 0],
      ["feed", 0, 3],
      ["bar", 1, 2],
      ["left", 2, 0],
      ["right", 2, 0],
    ]);
  });

  it("fold, and keep their count", () => {
    const rows = treeRows(ALL, new Set(["feed"]));
    expect(rows.map(({ position }) => position.id)).toEqual(["drive", "feed"]);
    expect(rows[1]?.within).toBe(3);
  });

  it("are all shown, those of a lost parent and of a ring too", () => {
    const lost = at("lost", "gone", "Lost");
    const ring = [at("a", "b", "A"), at("b", "a", "B"), at("c", "a", "C")];
    const ids = treeRows([lost, ...ring]).map(({ position }) => position.id);
    expect([...ids].sort()).toEqual(["a", "b", "c", "lost"]);
  });

  it("have their place in one line", () => {
    expect(pathTo("left", known)).toBe("Feed side / Gripper bar / Left");
    expect(pathTo("nowhere", known)).toBe("");
  });

  it("may stand anywhere but within themselves", () => {
    expect(mayStandWithin("bar", "drive", known)).toBe(true);
    expect(mayStandWithin("bar", null, known)).toBe(true);
    expect(mayStandWithin("feed", "left", known)).toBe(false);
    expect(mayStandWithin("bar", "bar", known)).toBe(false);
  });

  it.each([0, 1, 2, 3])("go to place %d by one rank alone", (place) => {
    const three = [at("x", null, "X", 0), at("y", null, "Y", 1), at("z", null, "Z", 2)];
    const moved = { ...at("m", null, "M"), rank: rankAt(three, place) };
    expect(besideOf(null, [...three, moved]).findIndex(({ id }) => id === "m")).toBe(place);
  });

  it("are counted by their state, and what others stand within only once something was found there", () => {
    const standing = (states: Readonly<Record<string, PositionState>>) =>
      ALL.map((one) => ({ ...one, state: states[one.id] ?? "to-identify" }));
    expect(countStates(standing({ left: "identified", drive: "watch" }))).toEqual({
      identified: 1,
      watch: 1,
      "to-identify": 1,
    });
    expect(countStates(standing({ bar: "identified" }))).toEqual({
      identified: 1,
      "to-identify": 3,
    });
  });
});

describe("a machine's make", () => {
  it.each([
    [
      { origin: "Britain", year: 1926 },
      { kind: "origin", place: "britain", before: 1927 },
    ],
    [
      { origin: "Britain, 1926", year: null },
      { kind: "origin", place: "britain", before: 1927 },
    ],
    [
      { origin: "United States", year: null },
      { kind: "origin", place: "north-america" },
    ],
    [
      { origin: "West Germany", year: 1968 },
      { kind: "origin", place: "europe", before: 1969 },
    ],
    [{ origin: "somewhere", year: null }, undefined],
    [
      { origin: "", year: 1890 },
      { kind: "origin", before: 1891 },
    ],
    [{ origin: "Australia", year: null }, undefined],
  ])("%j", (make, reading) => {
    expect(originReading(make)).toEqual(reading);
  });

  it("names no year where there is only a figure", () => {
    expect(yearIn("type 12345, about 1890")).toBe(1890);
    expect(yearIn("no 12")).toBeUndefined();
  });

  it("moves what is found on it", () => {
    const bolt = { kind: "external-diameter", mm: 12.6 } as const;
    const make = originReading({ origin: "Britain", year: 1926 });
    const before = identify([bolt]).candidates[0];
    const after = identify(make === undefined ? [bolt] : [bolt, make]).candidates[0];
    expect(before?.thread.family).toBe("unified");
    expect(after?.thread.family).toBe("whitworth");
  });
});
