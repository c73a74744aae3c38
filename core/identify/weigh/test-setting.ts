import type { ThreadSide } from "../../catalogue/threads";
import type { InformativeTest, TestAnswer } from "./next-test";
import type { PartKind } from "./part";
import type { Reading } from "./reading";
import type { Contender, TestOutcome, TestWorth } from "./test-worth";
import type { Tool } from "./tools";

/** What is known when a test is to be chosen. */
export interface TestSetting {
  readonly readings: readonly Reading[];
  /** Threads still in the running; their probabilities make 1. */
  readonly standing: readonly Contender[];
  readonly owns: ReadonlySet<Tool>;
  readonly side: ThreadSide;
  readonly part: PartKind | undefined;
}

/** An answer less likely than this is not worth a button; but what would overturn a thread that is as good as settled is. */
const LEAST_ANSWER = 0.03;
const LEAST_OVERTURNING = 0.004;
const MOST_ANSWERS = 4;

/** The likeliest answers, likeliest first. */
export function reckonedWith<Answer>(
  outcomes: readonly TestOutcome<Answer>[],
): readonly TestOutcome<Answer>[] {
  return [...outcomes]
    .sort((a, b) => b.probability - a.probability)
    .filter(({ probability }, i) => probability >= (i < 2 ? LEAST_OVERTURNING : LEAST_ANSWER))
    .slice(0, MOST_ANSWERS);
}

/** A test's worth with its answers as they are given. */
export function withAnswers<Answer>(
  { bits, outcomes }: TestWorth<Answer>,
  answerOf: (answer: Answer) => TestAnswer,
): Pick<InformativeTest, "bits" | "outcomes"> {
  return {
    bits,
    outcomes: outcomes.map((outcome) => ({ ...outcome, answer: answerOf(outcome.answer) })),
  };
}

/** An answer that is a reading, taken with one touch. */
export const taken = (reading: Reading): TestAnswer => ({ kind: "reading", reading });

/** Beyond the likeliest few, sizes only take time. */
export const MOST_SIZES = 8;

/**
 * The different sizes that threads would show, likeliest first, each thread's own put with the first near enough.
 * @param apart sizes nearer to each other than this are one outcome
 */
export function differentSizes(sizes: readonly number[], apart: number): number[] {
  return sizes
    .reduce<number[]>(
      (found, size) =>
        found.some((other) => Math.abs(other - size) < apart) ? found : [...found, size],
      [],
    )
    .slice(0, MOST_SIZES);
}

/** An answer that is to be measured. */
export const sizeAnswer = (mm: number): TestAnswer => ({ kind: "size", mm });
