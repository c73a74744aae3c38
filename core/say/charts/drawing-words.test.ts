import { dimensionWords } from "./index";

describe("a size on a drawing", () => {
  it("stands as the trade of its part names it", () => {
    expect(dimensionWords(15.875, false, "in")).toBe("5/8 in");
    expect(dimensionWords(57.15, false, "in")).toBe("2-1/4 in");
    expect(dimensionWords(12.7, true, "in")).toBe("Ø 1/2 in");
    expect(dimensionWords(4.826, true, "in")).toBe("Ø 0.19 in");
    expect(dimensionWords(40, false, "mm")).toBe("40 mm");
    expect(dimensionWords(6.4, false, "mm")).toBe("6.4 mm");
  });
});
