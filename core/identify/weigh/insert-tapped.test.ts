import { lookUpThreadAlone, threadById } from "../../catalogue/threads";
import { identify, type IdentifyOptions, type Reading } from "./index";

const leaf = (pitchMm: number): Reading => ({ kind: "leaf", pitchMm, outcome: "drops-in" });
const bore = (mm: number): Reading => ({ kind: "internal-diameter", mm, instrument: "caliper" });

function likeliest(readings: readonly Reading[], options: IdentifyOptions = {}): string[] {
  return identify([...readings], options)
    .candidates.slice(0, 3)
    .map(({ thread }) => thread.designation);
}

describe("holes tapped for wire inserts", () => {
  it.each([
    ["M10", bore(10.4), leaf(1.5), "STI M10 x 1.5"],
    ["M8", bore(8.38), leaf(1.25), "STI M8 x 1.25"],
    ["M6", bore(6.3), leaf(1), "STI M6 x 1"],
  ])("are named before the thread they look like: %s", (_name, size, pitch, designation) => {
    expect(likeliest([size, pitch], { part: "tapped-hole" })[0]).toBe(designation);
    expect(likeliest([size, pitch])[0]).toBe(designation);
  });

  it("stand beside the plain thread that has the same bore and pitch", () => {
    expect(likeliest([bore(10.4), leaf(1.5)], { part: "tapped-hole" })).toContain("M12 x 1.5");
    expect(likeliest([bore(10.55), leaf(1.5)], { part: "tapped-hole" })[0]).toBe("M12 x 1.5");
  });

  it("are never a nut, a bolt, or what a leaf alone may mean", () => {
    const isInsert = (name: string) => name.startsWith("STI");
    expect(likeliest([bore(10.4), leaf(1.5)], { part: "nut" }).some(isInsert)).toBe(false);
    expect(likeliest([leaf(1.5)]).some(isInsert)).toBe(false);
    const outside: Reading = { kind: "external-diameter", mm: 11.9, instrument: "caliper" };
    expect(likeliest([outside, leaf(1.5)]).some(isInsert)).toBe(false);
  });

  it.each(["STI M10", "EG M10 x 1.5", "M10 sti", "sti m10x1.5"])("are found as %s", (text) => {
    const read = lookUpThreadAlone(text);
    expect(read.kind === "found" && read.thread.id).toBe("sti-iso-m10x1.5");
  });

  it("are found by the inch too, and say when none is held", () => {
    const read = lookUpThreadAlone("STI 1/4-20");
    expect(read.kind === "found" && read.thread.designation).toBe("STI 1/4-20 UNC");
    expect(lookUpThreadAlone("STI 3/8 BSW").kind).toBe("problem");
    expect(threadById("sti-unc-1/4-20")?.only).toBe("internal");
  });
});
