const UNITS: ReadonlyMap<string, number> = new Map(
  "zero one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen sixteen seventeen eighteen nineteen"
    .split(" ")
    .map((word, at) => [word, at]),
);
const TENS: ReadonlyMap<string, number> = new Map(
  "twenty thirty forty fifty sixty seventy eighty ninety"
    .split(" ")
    .map((word, at) => [word, (at + 2) * 10]),
);
const PARTS: ReadonlyMap<string, number> = new Map([
  ["half", 2],
  ["halves", 2],
  ["quarter", 4],
  ["quarters", 4],
  ["eighth", 8],
  ["eighths", 8],
  ["sixteenth", 16],
  ["sixteenths", 16],
]);
/** What "half" before these says is a shape, not a size. */
const HALF_OF = /^(?:nuts?|lock|dog|moon)$/i;

/** What was read from a place on, and how many words it took. */
interface Spoken {
  readonly text: string;
  readonly words: number;
}

function wholeAt(words: readonly string[], at: number): Spoken | undefined {
  const word = words[at] ?? "";
  const tens = TENS.get(word);
  const unit = UNITS.get(words[at + (tens === undefined ? 0 : 1)] ?? "");
  if (tens !== undefined) {
    return unit === undefined || unit === 0 || unit > 9
      ? { text: String(tens), words: 1 }
      : { text: String(tens + unit), words: 2 };
  }
  if (unit === undefined) return undefined;
  return words[at + 1] === "hundred"
    ? { text: String(unit * 100), words: 2 }
    : { text: String(unit), words: 1 };
}

/** "By an inch": the article is the figure. */
function articleAt(words: readonly string[], at: number): Spoken | undefined {
  const counts = at > 0 && words[at] === "an" && words[at + 1] === "inch";
  return counts ? { text: "1", words: 1 } : undefined;
}

/** "half", "a quarter", "five eighths", "seven thirty-seconds". */
function fractionAt(words: readonly string[], at: number): Spoken | undefined {
  const bare = PARTS.get(words[at] ?? "");
  if (bare !== undefined) {
    return bare === 2 && HALF_OF.test(words[at + 1] ?? "")
      ? undefined
      : { text: `1/${bare}`, words: 1 };
  }
  const article = words[at] === "a" || words[at] === "an";
  const count = article ? 1 : UNITS.get(words[at] ?? "");
  if (count === undefined) return undefined;
  const part = PARTS.get(words[at + 1] ?? "");
  if (part !== undefined && count < part && !HALF_OF.test(words[at + 2] ?? "")) {
    return { text: `${count}/${part}`, words: 2 };
  }
  const finer = `${words[at + 1]} ${words[at + 2]}`;
  if (/^thirty seconds?$/.test(finer)) return { text: `${count}/32`, words: 3 };
  if (/^sixty fourths?$/.test(finer)) return { text: `${count}/64`, words: 3 };
  return undefined;
}

/** "inch and a quarter", "two and a half". */
function mixedAt(words: readonly string[], at: number): Spoken | undefined {
  const article = words[at] === "an" && words[at + 1] === "inch";
  const whole = article || words[at] === "inch" ? { text: "1", words: 1 } : wholeAt(words, at);
  if (whole === undefined) return undefined;
  const next = at + whole.words;
  const skip = words[next] === "inch" || words[next] === "inches" ? 1 : 0;
  if (words[next + skip] !== "and") return undefined;
  const part = fractionAt(words, next + skip + 1);
  if (part === undefined) return undefined;
  return { text: `${whole.text}-${part.text}`, words: whole.words + skip + 1 + part.words };
}

/** Runs of words with nothing but spaces and hyphens between them. */
const WORDS = /[a-z]+(?:[ -]+[a-z]+)*/gi;

function spokenIn(run: string): string {
  const found = [...run.matchAll(/[a-z]+/gi)];
  const words = found.map(([word]) => word.toLowerCase());
  let text = "";
  let done = 0;
  for (let at = 0; at < words.length;) {
    const spoken =
      mixedAt(words, at) ?? fractionAt(words, at) ?? articleAt(words, at) ?? wholeAt(words, at);
    const from = found[at]?.index ?? 0;
    const last = found[at + (spoken?.words ?? 1) - 1];
    const to = (last?.index ?? 0) + (last?.[0].length ?? 0);
    const between = run.slice(done, from);
    // A hyphen between two numbers that were spoken parts size and pitch; it stays.
    text += `${between}${spoken?.text ?? run.slice(from, to)}`;
    done = to;
    at += spoken?.words ?? 1;
  }
  return text + run.slice(done);
}

/**
 * Numbers that were written in words, in figures: "five eighths by 11" is "5/8 by 11", "inch and a quarter" is "1-1/4",
 * "ten thirty-two" is "10 32". What is no number stays as it was written.
 */
export function numbersInFigures(text: string): string {
  return text.replace(WORDS, spokenIn);
}
