import type { OwnWord } from "@root-gauge/core/callout";
import { readCallout } from "./read-callout";

const WORDS: readonly OwnWord[] = [{ word: "biscuit", means: { kind: "nut", style: "hex" } }];

it("reads a call-out once for all who ask, and anew by other words", () => {
  const first = readCallout("M8 biscuit", WORDS);
  expect(first).toMatchObject({ part: "nut" });
  expect(readCallout("M8 biscuit", WORDS)).toBe(first);
  expect(readCallout("M8 biscuit")).toMatchObject({ code: "callout-not-understood" });
  expect(readCallout("M8 biscuit", WORDS)).toBe(first);
});

it("lets go of what nobody asks for any more", () => {
  const first = readCallout("M8 x 25", WORDS);
  for (let length = 26; length < 60; length += 1) readCallout(`M8 x ${length}`, WORDS);
  const again = readCallout("M8 x 25", WORDS);
  expect(again).not.toBe(first);
  expect(again).toEqual(first);
});
