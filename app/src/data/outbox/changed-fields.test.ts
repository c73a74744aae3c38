import { changedFields, newest } from "./changed-fields";

const before = { name: "Spring service", notes: "", positions: ["a"] };

describe("what a change touches", () => {
  it.each([
    [{ name: "Spring service" }, []],
    [{ name: "Autumn service", notes: "" }, ["name"]],
    [{ positions: ["a"], notes: "Half done" }, ["notes"]],
    [{ positions: ["a", "b"] }, ["positions"]],
  ])("of %j is %j", (change, touched) => {
    expect(changedFields(before, change)).toEqual(touched);
  });
});

describe("the newest of a record", () => {
  const shown = { version: 3, name: "as it is shown" };

  it("is what was fetched since it was shown", () => {
    const fetched = { version: 4, name: "as the server has it" };
    expect(newest(shown, fetched)).toBe(fetched);
  });

  it("is what is shown, where an older writing is still kept or none", () => {
    expect(newest(shown, { version: 2, name: "as it was" })).toBe(shown);
    expect(newest(shown, undefined)).toBe(shown);
  });
});
