import type { Token } from "./tokens";

/**
 * What a row of the lexicon is written in: words and signs in their order, "a|b" for either, "?" behind what may be left
 * out, "N" for a whole number, "D" for any figure, "~" before what stands without a space, "^" and "$" for the first and the
 * last place. Points, hyphens and strokes between words are passed over.
 */
export interface Pattern {
  readonly steps: readonly Step[];
}

interface Step {
  readonly any: ReadonlySet<string>;
  readonly number: "whole" | "any" | undefined;
  readonly glued: boolean;
  readonly optional: boolean;
  readonly place: "first" | "last" | undefined;
}

function stepOf(written: string): Step {
  const optional = written.length > 1 && written.endsWith("?");
  const glued = written.length > 1 && written.startsWith("~");
  const bare = written.slice(glued ? 1 : 0, optional ? -1 : undefined);
  return {
    any: new Set(bare.length > 1 ? bare.split("|") : [bare]),
    number: bare === "N" ? "whole" : bare === "D" ? "any" : undefined,
    glued,
    optional,
    place: bare === "^" ? "first" : bare === "$" ? "last" : undefined,
  };
}

/** Reads a row's own writing. */
export const patternOf = (written: string): Pattern => ({
  steps: written.split(" ").map(stepOf),
});

/** The words that a pattern may begin with; undefined where it may begin with any figure. */
export function firstWords({ steps }: Pattern): readonly string[] | undefined {
  const words: string[] = [];
  for (const step of steps) {
    if (step.place === "first") continue;
    if (step.number !== undefined) return undefined;
    words.push(...step.any);
    if (!step.optional) break;
  }
  return words;
}

const PASSED_OVER: ReadonlySet<string> = new Set([".", "-", "/", ":", "="]);

const isWhole = (text: string) => /^\d{1,5}$/.test(text);

function fits(step: Step, { kind, text, glued }: Token): boolean {
  if (step.glued && !glued) return false;
  if (step.number === undefined) return step.any.has(text);
  return kind === "number" && (step.number === "any" || isWhole(text));
}

/** Where a pattern was found: from its first token to behind its last, and the figures in it. */
export interface Match {
  readonly to: number;
  readonly figures: readonly string[];
}

/** Finds a pattern that begins at a place. */
export function matchAt(
  pattern: Pattern,
  tokens: readonly Token[],
  from: number,
): Match | undefined {
  const { steps } = pattern;
  const next = (step: number, at: number, figures: readonly string[]): Match | undefined => {
    const wanted = steps[step];
    if (wanted === undefined) return { to: at, figures };
    if (wanted.place !== undefined) {
      const isThere = wanted.place === "first" ? isStart(tokens, at) : isEnd(tokens, at);
      return isThere ? next(step + 1, at, figures) : undefined;
    }
    const token = tokens[at];
    if (token !== undefined && fits(wanted, token)) {
      const found = wanted.number === undefined ? figures : [...figures, token.text];
      const whole = next(step + 1, at + 1, found);
      if (whole !== undefined) return whole;
    }
    const passes = at > from && token?.kind === "sign" && PASSED_OVER.has(token.text);
    const passed = passes && !wanted.glued ? next(step, at + 1, figures) : undefined;
    if (passed !== undefined) return passed;
    return wanted.optional ? next(step + 1, at, figures) : undefined;
  };
  const found = next(0, from, []);
  return found !== undefined && found.to > from ? found : undefined;
}

/** What joins the parts of an order. */
export const JOINING: ReadonlySet<string> = new Set(["and", "with", "&", "+", "plus"]);

/** What is said before an order begins. */
const ASKING: ReadonlySet<string> = new Set(
  "can could may i we you get have need want give me please some supply quote order send".split(
    " ",
  ),
);

/** The first place, or the first of what goes with the part. */
const isStart = (tokens: readonly Token[], at: number) =>
  JOINING.has(tokens[at - 1]?.text ?? "") ||
  tokens.slice(0, at).every(({ text }) => ASKING.has(text));

const isEnd = (tokens: readonly Token[], at: number) =>
  tokens.slice(at).every(({ kind, text }) => kind === "sign" && /[.,;)]/.test(text));
