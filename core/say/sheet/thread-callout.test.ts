import { findThread, type ThreadSide } from "../../catalogue/threads";
import { threadCallout } from "./thread-callout";

describe("the call-out", () => {
  it.each<[string, ThreadSide, string]>([
    ["M10x1.25", "external", "M10 x 1.25 - 6g"],
    ["M10", "internal", "M10 x 1.5 - 6H"],
    ["M1", "external", "M1 x 0.25 - 6h"],
    ["1/2-13", "external", "1/2-13 UNC-2A"],
    ["#10-32", "internal", "#10-32 UNF-2B"],
  ])("of %s, %s, is %s", (text, side, callout) => {
    const thread = findThread(text);
    expect(thread && threadCallout(thread, side)).toBe(callout);
  });
});
