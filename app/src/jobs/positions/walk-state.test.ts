import type { PositionRow } from "@root-gauge/contract";
import { leftToIdentify, nextAfter } from "./walk-state";

const row = (
  id: string,
  parentId: string | null,
  rank: number,
  state: PositionRow["state"] = "to-identify",
): PositionRow => ({
  id,
  machineId: "m",
  parentId,
  name: id,
  rank,
  alike: 1,
  state,
  holds: "",
  archived: false,
  version: 1,
});

const FEED = row("feed", null, 0);
const LEFT = row("left", "feed", 0);
const RIGHT = row("right", "feed", 1, "identified");
const TROUGH = row("trough", null, 1);
const NUT = row("nut", null, 2);
const ALL = [NUT, TROUGH, RIGHT, LEFT, FEED];

describe("a walk round a machine", () => {
  const left = leftToIdentify(ALL);

  it("goes by the tree, to what is left to identify and is no mere part of the machine", () => {
    expect(left.map(({ id }) => id)).toEqual(["left", "trough", "nut"]);
  });

  it.each([
    [undefined, "left"],
    ["left", "trough"],
    ["right", "trough"],
    ["nut", "left"],
    ["elsewhere", "left"],
  ])("goes on from %s to %s", (from, to) => {
    expect(nextAfter(from, left, ALL)?.id).toBe(to);
  });

  it("ends where nothing else is left", () => {
    expect(nextAfter("nut", [NUT], ALL)).toBeUndefined();
  });
});
