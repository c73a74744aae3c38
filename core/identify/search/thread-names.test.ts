import { named } from "../../testing";
import { catalogue, lookUpThread } from "../../catalogue/threads";
import { threadNames, threadNamesIn } from "./index";

describe("what a thread is looked for by", () => {
  it.each([
    ["M10", ["M10", "10 mm", "10mm", "M10x1.5", "coarse", "metric"]],
    ["3/8-16 BSW", ["3/8", "3/8-16", "BSW", "whit", "whitworth"]],
    ["#10-32 UNF", ["10-32", "#10-32", "10", "UNF"]],
    ["1 1/4-12 UNF", ["1 1/4", "1 1/4-12"]],
    ["G 1/2", ["gas", "BSP"]],
    ["R 1/2", ["gas", "BSPT"]],
    ["2 BA", ["2BA", "BA"]],
  ])("%s", (thread, names) => {
    expect(threadNames(named(thread))).toEqual(expect.arrayContaining(names));
  });

  it("has its designation, and no empty name", () => {
    for (const thread of catalogue()) {
      const names = threadNames(thread);
      expect(names).toContain(thread.designation);
      expect(names).not.toContain("");
      expect(new Set(names).size).toBe(names.length);
    }
  });

  it("is read out of a call-out", () => {
    expect(threadNamesIn("M10 x 40 hex bolt 8.8")).toContain("10 mm");
    expect(threadNamesIn("7/16-14 UNC x 2-1/4 hex cap screw")).toContain("7/16-14");
    expect(threadNamesIn("a wibble")).toEqual([]);
    expect(lookUpThread("a wibble").kind).toBe("problem");
  });
});
