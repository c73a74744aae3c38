import { cautionsOf } from "../../decide/replace";
import { USUAL_CIRCUMSTANCES } from "../../catalogue/circumstances";
import { parseCallout } from "../../callout";
import { HOLE, refusalOf } from "../../testing";
import { findThread, limits, threadById } from "../../catalogue/threads";
import { identify } from "./index";

const drops = (tpi: number) =>
  ({ kind: "leaf", tpi, outcome: "drops-in", threadsEngaged: 8 }) as const;
const caliper = (mm: number) => ({ kind: "external-diameter", mm, instrument: "caliper" }) as const;
const share = (name: string, readings: Parameters<typeof identify>[0]) =>
  identify(readings).candidates.find(({ thread }) => thread.designation === name)?.probability ?? 0;

// W 21.80 x 1/14 by DIN 477-1: 1.814 pitch, 0.640327 x 1.814 = 1.162 deep: 20.638 and 19.477.
describe("the outlet of a gas cylinder", () => {
  it("has the sizes of the Whitworth form at 14 to the inch", () => {
    const thread = threadById("gas-w21.80-14");
    if (thread === undefined) throw new Error("not held");
    const { major, pitch, minor } = limits(thread, "external");
    expect(major.max).toBeCloseTo(21.8, 2);
    expect(pitch.max).toBeCloseTo(20.638, 2);
    expect(minor.max).toBeCloseTo(19.477, 2);
  });

  it.each(["W 21.80 x 1/14", "W21.8x1/14", 'w 21.8 x 1/14" LH', "W 24.32 x 1/14"])(
    "is read from %s",
    (text) => {
      expect(findThread(text)?.family).toBe("gas-cylinder");
    },
  );

  it("is told by its use, and by its hand", () => {
    const readings = [caliper(21.7), drops(14)] as const;
    const chance = (more: Parameters<typeof identify>[0]) =>
      share("W 21.80 x 1/14", [...readings, ...more]);
    expect(chance([])).toBeLessThan(0.6);
    expect(chance([{ kind: "function", what: "gas-valve" }])).toBeGreaterThan(0.9);
    expect(chance([{ kind: "hand", hand: "left" }])).toBeGreaterThan(0.95);
  });

  it("carries its caution on a sheet, and is mended by nobody here", () => {
    const nut = parseCallout("nut W 21.80 x 1/14 LH");
    if ("code" in nut) throw new Error("not read");
    const codes = cautionsOf(nut, USUAL_CIRCUMSTANCES).map(({ code }) => code);
    expect(codes).toContain("gas-cylinder");
    const thread = findThread("W 21.80 x 1/14") ?? HOLE.thread;
    expect(refusalOf({ thread }, "oversize")).toBe("defer");
  });
});

describe("the spindle of a grinder", () => {
  const readings = [caliper(15.75), drops(11)] as const;

  it("is 5/8-11 UNC rather than its Whitworth twin, once it is said what it is off", () => {
    const said = { kind: "function", what: "grinder-spindle" } as const;
    expect(share("5/8-11 UNC", readings)).toBeLessThan(0.7);
    expect(share("5/8-11 UNC", [...readings, said])).toBeGreaterThan(0.9);
  });
});
