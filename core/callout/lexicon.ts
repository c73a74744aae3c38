import { numbersInFigures } from "./number-words";
import type { Mark, MarksByPlace, Meaning, Row } from "./meaning";
import { firstWords, matchAt, patternOf, type Match, type Pattern } from "./pattern";
import { ROWS } from "./rows";
import { standardAt } from "./standard-marks";
import { SPELLINGS } from "./spellings";
import { isOfThread } from "./thread-words";
import { tokensOf, type Token } from "./tokens";

interface Entry {
  readonly pattern: Pattern;
  readonly row: Row;
}

/** Whether letters and figures that are written together would be parted: "DH3" is no DH, the A of "2A" no article. */
function isTorn(tokens: readonly Token[], from: number, to: number): boolean {
  const [before, first, last, next] = [tokens[from - 1], tokens[from], tokens[to - 1], tokens[to]];
  if (first === undefined || last === undefined) return true;
  // "20x2x3": a cross between figures parts sizes.
  if (first.text === "x" && first.glued && before?.kind === "number") return true;
  const isAlone = to - from === 1 && first.text !== "x";
  const isLetter = isAlone && first.kind === "word" && first.text.length === 1;
  if (isLetter && first.glued && before?.kind === "number") return true;
  if (next?.glued !== true) return false;
  if (isAlone && first.kind === "number") return next.kind === "word" && next.text !== "x";
  return last.kind === "word" && next.kind === "number" && last.text.length < 4;
}

/** A figure that is written onto letters is theirs: the 10 of M10. */
function isOfLetters(tokens: readonly Token[], at: number): boolean {
  const [before, token] = [tokens[at - 1], tokens[at]];
  return token?.kind === "number" && token.glued && before?.kind === "word" && before.text !== "x";
}

function meaningOf(
  [, , means]: Row,
  tokens: readonly Token[],
  from: number,
  { to, figures }: Match,
): Meaning | undefined {
  if (typeof means !== "function") return means;
  const words = tokens.slice(from, to).map(({ text }) => text);
  return means({ words, figures, next: tokens[to]?.text });
}

/** The words and phrases that call-outs are made of, and what each means. */
export class Lexicon {
  private readonly byWord = new Map<string, Entry[]>();
  /** Rows that begin with any figure. */
  private readonly byFigure: Entry[] = [];
  private readonly words = new Set<string>();

  constructor(rows: readonly Row[]) {
    for (const row of rows) for (const form of row[1]) this.add({ pattern: patternOf(form), row });
  }

  private add(entry: Entry): void {
    const { pattern } = entry;
    for (const { any } of pattern.steps) any.forEach((word) => this.words.add(word));
    const first = firstWords(pattern);
    if (first === undefined) this.byFigure.push(entry);
    for (const word of first ?? []) {
      const entries = this.byWord.get(word);
      if (entries === undefined) this.byWord.set(word, [entry]);
      else entries.push(entry);
    }
  }

  /** Every word that stands in some row. */
  known(): readonly string[] {
    return [...this.words].filter((word) => /^\p{L}+$/u.test(word));
  }

  /** Whether a word stands in some row. */
  isInRow(word: string): boolean {
    return this.words.has(word);
  }

  private isKnown(word: string): boolean {
    return this.isInRow(word) || isOfThread(word);
  }

  /** A word in its full spelling, in several words where it stands for those, without the s of several. */
  private spelledOut(token: Token): readonly Token[] {
    if (token.kind !== "word") return [token];
    const spelled = Object.hasOwn(SPELLINGS, token.text) ? SPELLINGS[token.text] : undefined;
    if (spelled === undefined && this.isKnown(token.text)) return [token];
    const words = (spelled ?? token.text).toLowerCase().split(" ");
    return words.map((word, at) => {
      const one = word.length > 3 && word.endsWith("s") ? word.slice(0, -1) : word;
      const text = this.isKnown(word) || !this.isKnown(one) ? word : one;
      const several = text === word ? {} : ({ plural: true } as const);
      return { ...token, text, glued: at === 0 && token.glued, ...several };
    });
  }

  /** The tokens of a call-out: numbers that were said in words in figures, each word as the rows have it. */
  tokens(text: string): readonly Token[] {
    return tokensOf(numbersInFigures(text)).flatMap((token) => this.spelledOut(token));
  }

  /** The marks of a call-out, by the place where they begin; a standard stands against all else. */
  marks(tokens: readonly Token[]): MarksByPlace {
    return tokens.map((_, at) => {
      const standard = standardAt(tokens, at);
      return standard === undefined ? this.marksAt(tokens, at) : [standard];
    });
  }

  private marksAt(tokens: readonly Token[], from: number): readonly Mark[] {
    const token = tokens[from];
    if (token === undefined || isOfLetters(tokens, from)) return [];
    const byWord = this.byWord.get(token.text) ?? [];
    const entries = token.kind === "number" ? [...byWord, ...this.byFigure] : byWord;
    return entries.flatMap(({ pattern, row }) => {
      const match = matchAt(pattern, tokens, from);
      if (match === undefined || isTorn(tokens, from, match.to)) return [];
      const means = meaningOf(row, tokens, from, match);
      return means === undefined ? [] : [{ from, to: match.to, means, cost: row[3] ?? 0 }];
    });
  }
}

let held: Lexicon | undefined;

/** The lexicon of the program, made when it is first asked for. */
export const lexicon = (): Lexicon => (held ??= new Lexicon(ROWS));
