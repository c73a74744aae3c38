import {
  formatCallout,
  isCalloutProblem,
  parseCallout,
  pieceChoices,
  type CalloutProblem,
  type OwnWord,
} from "./index";

function written(text: string, words: readonly OwnWord[] = []): string {
  const read = parseCallout(text, words);
  return isCalloutProblem(read) ? read.code : formatCallout(read);
}

function problemOf(text: string): CalloutProblem {
  const read = parseCallout(text);
  if (!isCalloutProblem(read)) throw new Error(`${text}: ${formatCallout(read)}`);
  return read;
}

describe("a size that the class settles", () => {
  // ASTM A307, F3125, A449 and A563 order coarse threads; ASTM A193 has 8 threads an inch over 1 in.
  it.each([
    ["A325 3/4 x 2-1/2", "3/4-10 UNC x 2-1/2, A325"],
    ["A449 1 x 4", "1-8 UNC x 4, A449"],
    ["B7 stud 3/4 x 5", "3/4-10 UNC x 5 stud, B7"],
    ["B7 stud 1 1/2 x 9", "1 1/2-8 UN x 9 stud, B7"],
    ["7/8 nut A563 DH", "7/8-9 UNC hex nut, A563 DH"],
  ])("%s is %s", (text, meant) => {
    expect(written(text)).toBe(meant);
  });

  it("is asked for where a class is made in coarse and fine alike", () => {
    expect(problemOf("1/2 x 2 grade 8").code).toBe("callout-which-thread");
    // A bare 1 of an inch class is an inch and not number 1.
    expect(problemOf("1 x 4 gr 8")).toMatchObject({
      threads: expect.arrayContaining([expect.objectContaining({ designation: "1-8 UNC" })]),
    });
  });
});

describe("what is not taken for something else", () => {
  it.each([
    ["M8 x 20/30 stud", "callout-length"],
    ["M10x1.25x90 12pt", "callout-length"],
    ["M8 x 40 hex bolt 45H", "callout-not-understood"],
    ["M5x10 hex washer head", "callout-not-understood"],
    ["10.9 bolt M10 fine 30", "callout-which-thread"],
  ])("%s is asked back", (text, code) => {
    expect(problemOf(text).code).toBe(code);
  });

  it.each([
    ["304 M10 x 30 hex", "M10 x 30 hex bolt, A2-70"],
    ["30 long M8", "M8 x 30"],
    ["M10 nuts, 12", "12 off M10 hex nut"],
    ["M10 hex nut 12", "M10 hex nut, class 12"],
    ["cup head M12 x 40", "M12 x 40 carriage bolt"],
    ["G 1/2 cap", "G 1/2 pipe cap"],
    ["1/4 BSF x 3/4 setscrew", "1/4-26 BSF x 3/4 hex set screw"],
    ["2 BA nuts", "2 BA hex nut"],
    [
      "M16 x 60 bolts with nuts & washers x 20",
      "20 off M16 x 60 with M16 hex nut and M16 flat washer",
    ],
  ])("%s is %s", (text, meant) => {
    expect(written(text)).toBe(meant);
  });

  it.each(["wood screw 8 x 1 1/4", "self tapper no 8 x 3/4", "coach screw M8x60", "E-clip 8mm"])(
    "%s has no thread that a table holds",
    (text) => {
      expect(problemOf(text).code).toBe("callout-not-held");
    },
  );
});

describe("an abbreviation of stock lists", () => {
  it("is written out, but not where the shop has taught it a meaning of its own", () => {
    expect(written("WSHR FLT M8")).toBe("M8 flat washer");
    const words: OwnWord[] = [{ word: "flt", means: { kind: "finish", finish: "nickel" } }];
    expect(written("M8 washer FLT", words)).toBe("M8 flat washer, nickel");
  });
});

describe("the class of a set screw", () => {
  it("is put right among those of ISO 898-5 and those that are pulled", () => {
    const read = parseCallout("M6 x 8 grub screw 45H zinc");
    if (isCalloutProblem(read) || read.part !== "screw") throw new Error("a set screw was called");
    const choices = pieceChoices(read, "grade").map(({ written: one }) => one);
    expect(choices).toEqual(
      expect.arrayContaining(["14H", "22H", "33H", "45H", "12.9", undefined]),
    );
    const stainless = pieceChoices(read, "grade").find(({ written: one }) => one === "A2-70");
    expect(stainless && formatCallout(stainless.spec)).toBe("M6 x 8 headless set screw, A2-70");
  });
});

describe("a length in the other unit", () => {
  it.each([
    ["1/4-20 x 25 mm", "1/4-20 UNC x 25 mm"],
    ["1/4-20 x 25.4 mm", "1/4-20 UNC x 1"],
    ["3/8 BSW studding 1m", "3/8-16 BSW x 1000 mm stud"],
  ])("%s stays as it was said: %s", (text, meant) => {
    expect(written(text)).toBe(meant);
    expect(written(meant)).toBe(meant);
  });
});
