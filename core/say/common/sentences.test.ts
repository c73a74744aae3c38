import { calloutProblemWords } from "../sheet";
import { parseCallout, isCalloutProblem } from "../../callout";
import { doubtTestWords, refusedReadingWords, suspectWords } from "../../identify/doubts";
import {
  FLANK_ANGLES,
  LEAVES,
  ORIGIN_PLACES,
  TRADES,
  PART_FUNCTIONS,
  TRIAL_OUTCOMES,
  identify,
  takesReading,
  type Reading,
} from "../../identify/weigh";
import { judgePair } from "../../identify/mating";
import { pairOutcomeWords } from "../charts";
import { catalogue } from "../../catalogue/threads";
import { UNITS } from "../../measure";
import { aThread, nextTestWords, reasonWords, withArticle } from "./index";

const SPOKEN_AS_VOWEL = /^(?:[FHLMNRSX][\dA-Z ]|R[pc]\b|8(?:\d?(?!\d))|11(?!\d)|18(?!\d)|[aeio])/;
const SPOKEN_AS_CONSONANT = /^(?:[bcdfgjkpqtvwyz]|uni|use|one\b|UN)/;

/** What is wrong with a sentence: an article, a word twice, a machine's word, a gap, no end. */
function faultsOf(sentence: string): string[] {
  const faults: string[] = [];
  for (const [, article = "", next = ""] of sentence.matchAll(/\b([Aa]n?) ([^\s,.;:]+ ?)/g)) {
    const wantsAn = SPOKEN_AS_VOWEL.test(next);
    const wantsA = SPOKEN_AS_CONSONANT.test(next);
    if (wantsAn && article.toLowerCase() === "a") faults.push(`${article} ${next}`);
    if (wantsA && article.toLowerCase() === "an") faults.push(`${article} ${next}`);
  }
  const doubled = /\b([a-z]{2,}) \1\b/i.exec(sentence)?.[0];
  if (doubled !== undefined) faults.push(doubled);
  const broken = /undefined|NaN|\[object|null|  | [,;]| \.(?!\d)|\.\./.exec(sentence)?.[0];
  if (broken !== undefined) faults.push(broken);
  if (!/[.?!]$/.test(sentence)) faults.push("no end");
  return faults;
}

const faulty = (sentences: Iterable<string>) =>
  [...new Set(sentences)].filter((sentence) => faultsOf(sentence).length > 0).slice(0, 10);

/** Every kind of reading, with every answer it may have. */
const READINGS: readonly Reading[] = [
  ...[4.76, 9.9, 13.1, 26.3].map((mm): Reading => ({ kind: "external-diameter", mm })),
  { kind: "external-diameter", mm: 9.2, condition: "worn" },
  { kind: "diameter-between", overMm: 9, notOverMm: 10 },
  { kind: "internal-diameter", mm: 8.5 },
  ...LEAVES.slice(8, 40).map((leaf): Reading => ({ kind: "leaf", ...leaf, outcome: "drops-in" })),
  { kind: "leaf", tpi: 13, outcome: "rocks" },
  { kind: "leaf", tpi: 13, outcome: "unsure" },
  { kind: "count", threads: 14, spanMm: 25.4 },
  { kind: "crest-to-crest", pitches: 1, mm: 1.5 },
  { kind: "crest-to-crest", pitches: 10, mm: 15 },
  ...FLANK_ANGLES.map((degrees): Reading => ({ kind: "flank-angle", degrees })),
  { kind: "crest-form", form: "rounded" },
  { kind: "crest-form", form: "flat" },
  { kind: "thread-depth", mm: 1.5 },
  { kind: "external-diameter", mm: 8.08 },
  { kind: "taper", tapered: true },
  { kind: "taper", tapered: false },
  { kind: "taper-measured", smallMm: 20, largeMm: 21, apartMm: 16 },
  { kind: "hand", hand: "left" },
  ...["8.8", "lines:3", "A2-70", "letter:R", "none", "KBX"].map((mark): Reading => ({
    kind: "head-mark",
    mark,
  })),
  ...["M10", "R 1/2", "8 BA", "11/16-12 UN", "1/2-14 NPT"].flatMap((known) =>
    TRIAL_OUTCOMES.map((outcome): Reading => ({
      kind: "trial-fit",
      with: known,
      partIs: "external",
      outcome,
    })),
  ),
  { kind: "across-flats", mm: 17 },
  { kind: "length", mm: 40 },
  ...ORIGIN_PLACES.map((place): Reading => ({ kind: "origin", place, before: 1950 })),
  ...TRADES.map((trade): Reading => ({ kind: "origin", place: "japan", trade })),
  ...PART_FUNCTIONS.map((what): Reading => ({ kind: "function", what })),
];

describe("every sentence that the Bench can make", () => {
  it("has its articles as they are spoken, no word twice and nothing of a machine in it", () => {
    const sentences = new Set<string>();
    for (const reading of READINGS) {
      for (const { reasons } of identify([reading]).candidates) {
        for (const reason of reasons) {
          for (const units of UNITS) sentences.add(reasonWords(reason, units));
        }
      }
    }
    expect(sentences.size).toBeGreaterThan(2000);
    expect(faulty(sentences)).toEqual([]);
  });

  it("says what to do next and what may be wrong without a fault", () => {
    const sentences: string[] = [];
    for (const first of READINGS) {
      for (const second of [READINGS[1], READINGS[12], READINGS[14]]) {
        if (second === undefined || first === second) continue;
        const result = identify([first, second]);
        for (const units of UNITS) {
          for (const test of result.nextTests) {
            const { title, meaning } = takesReading(test)
              ? nextTestWords(test, units)
              : doubtTestWords(test, units);
            sentences.push(title.endsWith("?") ? title : `${title}.`, meaning);
          }
          for (const suspect of result.suspects) sentences.push(suspectWords(suspect, units));
        }
      }
    }
    expect(sentences.length).toBeGreaterThan(200);
    expect(faulty(sentences)).toEqual([]);
  });

  it("names every thread with its article, and every pair of neighbours", () => {
    const threads = catalogue();
    const named = threads.map((thread) => `It is ${aThread(thread)}.`);
    const pairs = threads.slice(1).flatMap((thread, at) => {
      const other = threads[at];
      return other === undefined ? [] : [`${pairOutcomeWords(judgePair(other, thread))}.`];
    });
    expect(faulty([...named, ...pairs])).toEqual([]);
  });

  it("says in whole sentences which figures were left out", () => {
    const { refused } = identify([
      { kind: "external-diameter", mm: Number.NaN },
      { kind: "external-diameter", mm: 4000 },
      { kind: "count", threads: 0, spanMm: 25.4 },
    ]);
    expect(refused).toHaveLength(3);
    expect(faulty(refused.map(refusedReadingWords))).toEqual([]);
  });

  it("refuses a call-out in whole sentences", () => {
    const texts = ["M10 nut x", "M10x40 purple", "grade 9 M10x20", "bolt", "1/2 x 2", "M10 washer"];
    const sentences = texts.flatMap((text) => {
      const read = parseCallout(text);
      return isCalloutProblem(read) ? [calloutProblemWords(read)] : [];
    });
    expect(faulty(sentences)).toEqual([]);
  });
});

describe("the article", () => {
  it.each([
    ["M12", "an"],
    ["R 1/2", "an"],
    ["Rp 1/2", "an"],
    ["NPT nut", "an"],
    ["8.8 bolt", "an"],
    ["11/16-12 UN", "an"],
    ["8 BA", "an"],
    ["electrical fitting", "an"],
    ["unified thread", "a"],
    ["UNC nut", "a"],
    ["1/2-13 UNC", "a"],
    ["G 1/2", "a"],
    ["nut", "a"],
    ["10.9 bolt", "a"],
    ["18 mm spanner", "an"],
    ["80 mm bolt", "an"],
    ["16 mm spanner", "a"],
    ["hexagon", "a"],
    ["800 N load", "an"],
  ])("of “%s” is %s", (text, article) => {
    expect(withArticle(text)).toBe(`${article} ${text}`);
  });
});
