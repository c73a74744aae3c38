import { formatCallout, isCalloutProblem, parseCallout, type ScrewSpec } from "./index";
import { atEnd, holeEnd, nutEnd, turnedRound } from "./index";

function stud(text: string): ScrewSpec {
  const read = parseCallout(text);
  if (isCalloutProblem(read) || read.part !== "screw") throw new Error(`${text} is no screw`);
  return read;
}

describe("a stud of two ends", () => {
  it.each([
    ["M10 x 1.25 / M10 x 1.5 x 60 stud", "M10 x 1.25 / M10 x 1.5 x 60 stud"],
    ["stud M10x1.25/M10x1.5 60mm", "M10 x 1.25 / M10 x 1.5 x 60 stud"],
    ["M10 x 1.25/1.5 x 60 stud", "M10 x 1.25 / M10 x 1.5 x 60 stud"],
    ["M10-M8 x 60 stud 8.8", "M10 x 1.5 / M8 x 1.25 x 60 stud, 8.8"],
    ["3/8 UNC/UNF x 2 stud", "3/8-16 UNC / 3/8-24 UNF x 2 stud"],
    ["3/8-16 / 3/8-24 x 2-1/2 stud", "3/8-16 UNC / 3/8-24 UNF x 2-1/2 stud"],
    ["M8 / M8 LH x 60 stud", "M8 x 1.25 / M8 x 1.25 LH x 60 stud"],
    [
      "stud, M10 x 1.5 tap end, M10 x 1.25 nut end, 60 long",
      "M10 x 1.5 tap end / M10 x 1.25 nut end x 60 stud",
    ],
    [
      "M10 x 1.25 x 20 / M10 x 1.5 x 25 x 60 stud",
      "M10 x 1.25 x 20 thread / M10 x 1.5 x 25 thread x 60 stud",
    ],
    ["M10 x 20/30 x 80 stud", "M10 x 1.5 x 20 thread / M10 x 1.5 x 30 thread x 80 stud"],
    [
      "M12 stud 100 long, 30 thread each end",
      "M12 x 1.75 x 30 thread / M12 x 1.75 x 30 thread x 100 stud",
    ],
  ])("is read in “%s”, and its words are read back", (text, written) => {
    const spec = stud(text);
    expect(formatCallout(spec)).toBe(written);
    expect(stud(written)).toEqual(spec);
  });

  it.each([
    "M10 x 60 stud",
    "M8 x 25 stud with M8 nut",
    "M16 x 110 stud, double end",
    "5/8-11 x 3-1/4 stud",
  ])("is none in “%s”", (text) => {
    expect(stud(text).otherEnd).toBeUndefined();
  });

  it("asks back two lengths that nothing tells apart, and two studs in one line", () => {
    for (const text of ["M8 x 20/30 stud", "M8 x 25 stud, M10 x 30 stud"]) {
      expect(isCalloutProblem(parseCallout(text))).toBe(true);
    }
  });

  it("has its nut at the end that is said to take it, else at the first", () => {
    const nuts = (text: string) => {
      const spec = stud(text);
      return [nutEnd(spec), holeEnd(spec)].map(({ thread }) => thread.designation);
    };
    expect(nuts("M10 x 1.5 tap end / M10 x 1.25 nut end x 60 stud")).toEqual([
      "M10 x 1.25",
      "M10 x 1.5",
    ]);
    expect(nuts("M10 x 1.25 / M10 x 1.5 x 60 stud")).toEqual(["M10 x 1.25", "M10 x 1.5"]);
    expect(nuts("M10 x 1.25 tap end / M10 x 1.5 x 60 stud")).toEqual(["M10 x 1.5", "M10 x 1.25"]);
    const withNut = stud("M10 x 1.5 tap end / M10 x 1.25 nut end x 60 stud with nut and washer");
    expect([withNut.nut?.thread.designation, withNut.washers?.[0]?.thread.designation]).toEqual([
      "M10 x 1.25",
      "M10 x 1.25",
    ]);
  });

  it("is the same turned round twice, and a screw of one thread at one of its ends", () => {
    const spec = stud("M10 x 1.25 x 20 thread nut end / M8 x 1.25 tap end x 60 stud, 8.8");
    const turned = turnedRound(spec);
    expect(turned && formatCallout(turned)).toBe(
      "M8 x 1.25 tap end / M10 x 1.25 x 20 thread nut end x 60 stud, 8.8",
    );
    expect(turned && turnedRound(turned)).toEqual(spec);
    expect(turnedRound(stud("M10 x 60 stud"))).toBeUndefined();
    expect(formatCallout(atEnd(spec, holeEnd(spec)))).toBe("M8 x 60 stud, 8.8");
  });
});
