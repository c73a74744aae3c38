import { formatCallout } from "./format-callout";
import { isCalloutProblem } from "./fastener-spec";
import { parseCallout } from "./parse-callout";
import { assignments } from "./assign";
import { Lexicon, lexicon } from "./lexicon";
import { firstWords, matchAt, patternOf } from "./pattern";
import { readMarks } from "./read-marks";
import { ROWS } from "./rows";
import { tokensOf } from "./tokens";

const wordsOf = (text: string) => lexicon().tokens(text);

const read = (text: string) => {
  const result = parseCallout(text);
  return isCalloutProblem(result) ? result.code : formatCallout(result);
};

describe("the lexicon", () => {
  it("finds each row in its own example", () => {
    const missing = ROWS.filter(([example, forms]) => {
      const tokens = wordsOf(example);
      return !forms.some((form) => tokens.some((_, at) => matchAt(patternOf(form), tokens, at)));
    });
    expect(missing.map(([example]) => example)).toEqual([]);
  });

  it("leaves no word of an example without a role", () => {
    const unread = ROWS.map(([example]) => example).filter((example) => {
      const tokens = wordsOf(example);
      const [best] = assignments(tokens, lexicon().marks(tokens));
      return (best?.cost ?? Infinity) >= 10;
    });
    expect(unread).toEqual([]);
  });
});

describe("a row is a word's whole meaning", () => {
  it("may have words left out, other words, figures and their places", () => {
    const found = (form: string, text: string) => matchAt(patternOf(form), wordsOf(text), 0)?.to;
    expect(found("zinc and? clear", "zinc clear")).toBe(2);
    expect(found("zinc and? clear", "zinc and clear")).toBe(3);
    expect(found("box|pack of? N", "box of 100")).toBe(3);
    expect(found("a ~2", "A2")).toBe(2);
    expect(found("a ~2", "A 2")).toBeUndefined();
    expect(found("x N $", "x 20 zinc")).toBeUndefined();
    expect(firstWords(patternOf("^ N off"))).toBeUndefined();
  });
});

describe("a word more", () => {
  const text = "M8 nut sherardised";

  it("is a row more", () => {
    expect(readMarks(text, [])).toMatchObject({ words: ["sherardised"] });
    const more = new Lexicon([
      ...ROWS,
      [text, ["sherardised"], { role: "finish", finish: "zinc-flake" }],
    ]);
    expect(readMarks(text, [], more)).toMatchObject({ style: "hex", finish: "zinc-flake" });
  });
});

describe("what was written, in figures, words and signs", () => {
  const words = (text: string) => tokensOf(text).map(({ text: one }) => one);
  it.each([
    ["M8x25A2", ["m", "8", "x", "25", "a", "2"]],
    ["Gr.8", ["gr", ".", "8"]],
    ["M1O x l.25", ["m", "10", "x", "1.25"]],
    ["3/8-l6", ["3/8", "-", "16"]],
    ["12mmx1,25", ["12", "mm", "x", "1.25"]],
    ["M8, 10/32", ["m", "8", ",", "10/32"]],
    ["B.S.F. c/w", ["bsf", "c/w"]],
    ["NUT,HEX,3/4-10,2H", ["nut", ",", "hex", ",", "3/4", "-", "10", ",", "2", "h"]],
    ["40l", ["40", "l"]],
  ])("%s", (text, tokens) => {
    expect(words(text)).toEqual(tokens);
  });
});

describe("nuts, with their marks in any order", () => {
  it.each([
    ["10 Stück Sechskantmutter M8 verzinkt", "10 off M8 hex nut, zinc"],
    ["Mutter M10 kl 8", "M10 hex nut, class 8"],
    ["nut - M20 - 10 - HDG", "M20 hex nut, class 10, hot-dip galvanised"],
    ["M10 nuts A4-80 c/w penny washers A4", "M10 hex nut, A4-80 with M10 large washer, A4"],
    ["M8 coupling nut 24 long", "M8 x 24 coupling nut"],
    [
      "M8 nut with flat and spring washers, zinc",
      "M8 hex nut, zinc with M8 flat washer, zinc and M8 spring washer, zinc",
    ],
    ["M10 nut 8 with washer 200HV", "M10 hex nut, class 8 with M10 flat washer, 200 HV"],
    ["nuts and washers M10", "M10 hex nut with M10 flat washer"],
    ["zinc 8 class nut M12", "callout-not-understood"],
    ["M8 hex nut, 8", "M8 hex nut, class 8"],
    ["M8 hex nuts, 8", "8 off M8 hex nut"],
    ["M8 hex nut, 20", "20 off M8 hex nut"],
    ["nylon M6 nut", "callout-not-understood"],
    ["3 6g 2A hex nut", "callout-not-understood"],
  ])("%s: %s", (text, meant) => {
    expect(read(text)).toBe(meant);
  });
});
