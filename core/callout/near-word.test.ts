import { calloutProblemWords } from "../say/sheet";
import { isCalloutProblem } from "./fastener-spec";
import { parseCallout } from "./parse-callout";
import { suggestCallouts } from "./suggest";
import { isTeachable, nearWord } from "./near-word";

describe("a word that is one slip from one that is known", () => {
  it.each([
    ["wahser", "washer"],
    ["galvinised", "galvanised"],
    ["countersnuk", "countersunk"],
    ["stainles", "stainless"],
    ["hexagoon", "hexagon"],
    ["sokcet", "socket"],
    ["uqarter", undefined],
  ])("%s: %s", (written, meant) => {
    expect(nearWord(written)).toBe(meant);
  });

  it.each([
    "washer",
    "washers",
    "zinc",
    "wheel",
    "flare",
    "brake",
    "seat",
    "blank",
    "nut",
    "flanged",
  ])("is not %s", (word) => {
    expect(nearWord(word)).toBeUndefined();
  });

  it("is not asked for as a word of the shop, nor is a word that is known", () => {
    expect(["wibble", "flange wibble"].filter(isTeachable)).toHaveLength(2);
    expect(["wahser", "with", "flanged lock", "thin nylon"].filter(isTeachable)).toEqual([]);
  });

  it.each(["M8 nut with wahser", "M8 x 30 galvinised"])("is asked, not taken: %s", (text) => {
    const read = parseCallout(text);
    if (!isCalloutProblem(read)) throw new Error(`${text} was taken`);
    expect(calloutProblemWords(read)).toMatch(/Did you mean “(washer|galvanised)”\?/);
    const [first] = suggestCallouts(text);
    expect(first?.text).toBe(text.replace("wahser", "washer").replace("galvinised", "galvanised"));
  });
});
