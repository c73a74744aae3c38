import { formatCallout, isCalloutProblem, parseCallout } from "@root-gauge/core/callout";
import { designationProblemWords, understandingWords } from "@root-gauge/core/say/charts";
import { readBoltMark, readNutMark } from "@root-gauge/core/catalogue/grades";
import { identify } from "@root-gauge/core/identify/weigh";
import { searchThreads } from "@root-gauge/core/identify/search";
import { calloutProblemWords } from "@root-gauge/core/say/sheet";
import { seededRandom, type SeededRandom } from "@root-gauge/core/random";
import { readHoleSize } from "@root-gauge/core/decide/specify";
import { findThread, lookUpThread } from "@root-gauge/core/catalogue/threads";
import { inOtherUnit, readLength } from "@root-gauge/core/measure";
import { lengthProblemWords } from "@root-gauge/core/say/common";
import { named } from "@root-gauge/core/testing";

const INPUTS = 100_000;
const SEED = 20261126;

const RANGE = { minMm: 0.5, maxMm: 200 };
const M10 = named("M10");

/** Every name that objects, lists, texts, functions and numbers have of themselves. */
const NAMES = [Object, Array, String, Function, Number, Map, Promise, RegExp]
  .flatMap((type) => [
    ...Object.getOwnPropertyNames(type),
    ...Object.getOwnPropertyNames(type.prototype as object),
  ])
  .concat("__proto__", "constructor", "prototype");

const PIECES = [
  ...["M8", "m10x1.25", "M12-1.5", "7/16-14", "#10-32", "1 1/2-6", "2 BA", "G 1/2", "Tr 40x14 P7"],
  ...["x 40", "30 mm", '2"', "½", "12,52", ".492 in", "1/0", "37/64", "-", "x", "×", "p1.5"],
  ...["8.8", "gr 5", "class 10", "A2-70", "6g", "2A", "LH", "UNC", "bsf", "fine", "lines:3"],
  ...["hex bolt", "nylon insert nut", "washer", "zinc", "with nut", "10 off", "qty", "(", ")", ";"],
];
const SIGNS = [..."Mx10./-#\"' gr5zincnut()½,@\u0000é²٣𝟙\n\t"];

function pick<Item>(items: readonly Item[], random: SeededRandom): Item {
  const item = items[Math.floor(random.even() * items.length)];
  if (item === undefined) throw new Error("nothing to pick from");
  return item;
}

function anyText(random: SeededRandom): string {
  const from = (items: readonly string[], most: number, joint: string) =>
    Array.from({ length: 1 + Math.floor(random.even() * most) }, () => pick(items, random)).join(
      joint,
    );
  const kind = random.even();
  if (kind < 0.5) return from(PIECES, 5, pick([" ", "", " , "], random));
  if (kind < 0.8) return from(SIGNS, 30, "");
  if (kind < 0.95) return `${from(PIECES, 2, " ")} ${pick(NAMES, random)}`;
  return from(SIGNS, 400, "");
}

/** Sentences a person could read: none of them lets a machine's own word through. */
function isSentence(text: string): boolean {
  return text.length > 0 && !/undefined|NaN|\[object|function|Infinity/.test(text);
}

/** What each reader does with any text: it answers, and has a sentence for a no. */
const READERS: readonly (readonly [every: number, reads: (text: string) => string])[] = [
  [
    1,
    (text) => {
      const read = readLength(text, "mm", RANGE);
      inOtherUnit(text, "mm", RANGE);
      return read.ok ? "read" : lengthProblemWords(read.problem, "in");
    },
  ],
  [
    1,
    (text) => {
      const read = lookUpThread(text);
      findThread(text);
      return read.kind === "problem" ? designationProblemWords(read.problem) : "read";
    },
  ],
  [
    6,
    (text) => {
      const read = parseCallout(text);
      return isCalloutProblem(read) ? calloutProblemWords(read) : formatCallout(read);
    },
  ],
  [1, (text) => `${readBoltMark(text, M10).sense} ${readNutMark(text, M10).sense}`],
  [6, (text) => readHoleSize(text, "blind", "mm").kind],
  [
    30,
    (text) =>
      searchThreads(text, { units: "in" })
        .understood.map((one) => understandingWords(one, "mm"))
        .join(" ") || "listed",
  ],
  [
    2000,
    (text) =>
      identify([
        { kind: "trial-fit", with: text, partIs: "external", outcome: "binds" },
        { kind: "head-mark", mark: text },
      ]).verdict,
  ],
];

/** The names themselves stand in a sentence that repeats them, so they are not looked at for a machine's words. */
const isNamed = (text: string) => NAMES.some((name) => name.length > 2 && text.includes(name));

function readWithAll(text: string, at: number): void {
  for (const [every, reads] of READERS) {
    if (at % every !== 0) continue;
    let answer: string;
    try {
      answer = reads(text);
    } catch (error) {
      throw new Error(`${JSON.stringify(text)} (seed ${SEED}, input ${at})`, { cause: error });
    }
    if (!isNamed(text) && !isSentence(answer)) {
      throw new Error(`${JSON.stringify(text)} was answered ${JSON.stringify(answer)}`);
    }
  }
}

describe("every reader", () => {
  it(`answers ${INPUTS} texts, whatever they are (seed ${SEED})`, () => {
    const random = seededRandom(SEED);
    for (let at = 0; at < INPUTS; at += 1) readWithAll(anyText(random), at);
  });

  it("answers every name that the language's own objects have, alone and after a size", () => {
    for (const name of new Set(NAMES)) {
      for (const text of [name, `8 ${name}`, `M8 ${name}`, `1/2 ${name}`, `10 ${name} nut`]) {
        readWithAll(text, 0);
      }
    }
  });
});
