import { findThread } from "./index";

describe("finding a thread by what people write", () => {
  it.each([
    ["m10", "iso-m10x1.5"],
    ["M10x1.25", "iso-m10x1.25"],
    ["m8 X 1", "iso-m8x1"],
    ["8x1", "iso-m8x1"],
    ["M8x1,25", "iso-m8x1.25"],
    ["1/2-13", "unc-1/2-13"],
    ["1/2 unf", "unf-1/2-20"],
    ['3/8"-16', "unc-3/8-16"],
    ["1 1/2-6", "unc-1-1/2-6"],
    ["1-1/2-6 UNC", "unc-1-1/2-6"],
    ["1-8", "unc-1-8"],
    [".5-13", "unc-1/2-13"],
    ["2-4.5", "unc-2-4.5"],
    ["10-32", "unf-no10-32"],
    ["#10-32 unf", "unf-no10-32"],
    ["no. 8 coarse", "unc-no8-32"],
    ["#4-40", "unc-no4-40"],
    ["1-64", "unc-no1-64"],
  ])("%j is %s", (text, id) => {
    expect(findThread(text)?.id).toBe(id);
  });

  it.each(["", "1/2", "#10", "M13", "M10x2", "1/0-13", "5/16-22", "hello", "1/2-13-2"])(
    "%j is nothing, or more than one thing",
    (text) => {
      expect(findThread(text)).toBeUndefined();
    },
  );
});
