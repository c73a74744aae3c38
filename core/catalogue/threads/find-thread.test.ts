import { findThread, lookUpThread, lookUpThreadAlone } from "./index";

describe("finding a thread by what people write", () => {
  it.each([
    ["m10", "iso-m10x1.5"],
    ["M10x1.25", "iso-m10x1.25"],
    ["m8 X 1", "iso-m8x1"],
    ["8x1", "iso-m8x1"],
    ["8x1.25", "iso-m8x1.25"],
    ["M8x1,25", "iso-m8x1.25"],
    ["M10x1.25-6g", "iso-m10x1.25"],
    ["1/2-13", "unc-1/2-13"],
    ["1/2 unf", "unf-1/2-20"],
    ['3/8"-16', "unc-3/8-16"],
    ["1 1/2-6", "unc-1-1/2-6"],
    ["1-1/2-6 UNC", "unc-1-1/2-6"],
    ["1 1/2-6 UNC-2A", "unc-1-1/2-6"],
    ["1-8", "unc-1-8"],
    [".5-13", "unc-1/2-13"],
    [".4375-20", "unf-7/16-20"],
    ["2-4.5", "unc-2-4.5"],
    ["10-32", "unf-no10-32"],
    ["#10-32 unf", "unf-no10-32"],
    ["no. 8 coarse", "unc-no8-32"],
    ["no. 10 fine", "unf-no10-32"],
    ["#8-32", "unc-no8-32"],
    ["8-32", "unc-no8-32"],
    ["#4-40", "unc-no4-40"],
    ["1-64", "unc-no1-64"],
    ["1-20", "unef-1-20"],
    ["1 1/8-8 UN", "un-1-1/8-8"],
    // A constant pitch that falls on a standard series goes by its name.
    ["1-8 UN", "unc-1-8"],
    ["1/2-20 UN", "unf-1/2-20"],
    ["1-20 UN", "unef-1-20"],
    ["1/4-20", "unc-1/4-20"],
    ["5/16 bsf", "bsf-5/16-22"],
    ['5/16"-22', "bsf-5/16-22"],
    ["1/2 Whit", "bsw-1/2-12"],
    ["½ bsw", "bsw-1/2-12"],
    ["2ba", "ba-2"],
    ["2 B.A.", "ba-2"],
    ["G1/2", "g-1/2"],
    ["1/2 BSPP", "g-1/2"],
    ["R 1/2", "r-1/2"],
    ["Rc 1/2", "r-1/2"],
    ["1/2 bspt", "r-1/2"],
    ["Rp 3/4", "rp-3/4"],
    ["1/2 npt", "npt-1/2"],
    ["5 npt", "npt-5"],
    ["Tr20x4", "tr-20x4"],
    ["1/2-10 acme", "acme-1/2-10"],
    ["3/8 stub acme", "stub-acme-3/8-12"],
    ["pg 13.5", "pg-13.5"],
    ["3/4 GHT", "nh-3/4-11.5"],
    ["1/4-26 cei", "cycle-1/4-26"],
    ["M8-1", "iso-m8x1"],
    ["M12-1.5", "iso-m12x1.5"],
    ["M12 1.5 mm pitch", "iso-m12x1.5"],
    ["M18x1.5 (fine)", "iso-m18x1.5"],
    ['1" UNC', "unc-1-8"],
    ['2" UNC', "unc-2-4.5"],
    ["M10-6H/6g", "iso-m10x1.5"],
    ["G 1/2 A", "g-1/2"],
  ])("%j is %s", (text, id) => {
    expect(findThread(text)?.id).toBe(id);
  });

  it.each([
    "",
    "1/2",
    "#10",
    "M13",
    "M10x2",
    "1/0-13",
    "hello",
    "1/2-13-2",
    "17 BA",
    "M10x40",
    "M8x1 nut",
    "M10-3B",
    '#10"',
    "Tr 40x10 P7",
    "8 constructor",
    "__proto__",
  ])("%j is nothing, or more than one thing", (text) => {
    expect(findThread(text)).toBeUndefined();
  });

  it("takes hand and starts as properties of the thread", () => {
    expect(findThread("Tr20x4 LH")).toMatchObject({ id: "tr-20x4", hand: "left" });
    expect(findThread("1/2-13 UNC left hand")).toMatchObject({ id: "unc-1/2-13", hand: "left" });
    expect(findThread("Tr 40x14 P7")).toMatchObject({ id: "tr-40x7", starts: 2 });
  });

  it.each([
    ["1/2-13x1-1/2", "unc-1/2-13", "x1-1/2"],
    ["M10x40", "iso-m10x1.5", "x40"],
    ["M10x1.5x40", "iso-m10x1.5", "x40"],
  ])("%j is the thread %s, with %j left over", (text, id, rest) => {
    expect(lookUpThread(text)).toMatchObject({ kind: "found", thread: { id }, rest });
  });

  it("hands back a class its standard does not have, and names what is left where a thread alone is wanted", () => {
    expect(lookUpThread("M10-6g")).toMatchObject({ toleranceClass: "6g" });
    expect(lookUpThread("M10-3B")).toMatchObject({ rest: "3B" });
    expect(lookUpThreadAlone("M10x40")).toMatchObject({
      problem: { code: "designation-left-over", rest: "x40" },
    });
    expect(lookUpThreadAlone("M10x1.25")).toMatchObject({ kind: "found" });
  });

  it("refuses what is too long to be a thread before it reads it", () => {
    expect(lookUpThread("M10 ".repeat(100))).toMatchObject({
      problem: { code: "designation-too-long", letters: 399 },
    });
  });

  it("offers the choices where the writing means several", () => {
    const reading = lookUpThread("1/2 bsp");
    expect(reading.kind === "choices" && reading.threads.map(({ id }) => id)).toEqual([
      "g-1/2",
      "r-1/2",
    ]);
  });

  it("names the British twin beside the unified thread of the same figures", () => {
    const reading = lookUpThread("1/4-20");
    expect(reading.kind === "found" && reading.others.map(({ id }) => id)).toEqual(["bsw-1/4-20"]);
  });

  it("says why there is no such thread, with what there is", () => {
    expect(lookUpThread("M13")).toMatchObject({
      kind: "problem",
      problem: {
        code: "size-not-held",
        neighbours: [{ id: "iso-m12x1.75" }, { id: "iso-m14x2" }],
      },
    });
    const pitch = lookUpThread("M10x2");
    expect(
      pitch.kind === "problem" &&
        pitch.problem.code === "pitch-not-held" &&
        pitch.problem.held.map(({ pitchMm }) => pitchMm),
    ).toEqual([1.5, 1.25, 1, 0.75]);
    expect(lookUpThread("hello")).toMatchObject({
      problem: { code: "designation-unreadable", read: "hello" },
    });
  });
});
