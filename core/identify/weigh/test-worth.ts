import type { Thread } from "../../catalogue/threads";

/** A candidate as far as choosing a test is concerned. */
export interface Contender {
  readonly thread: Thread;
  readonly probability: number;
}

/** One way a test can come out, how likely that is, and which threads it would leave standing. */
export interface TestOutcome<Answer> {
  readonly answer: Answer;
  readonly probability: number;
  /** Most likely first; only those that would hold a tenth or more. */
  readonly leaves: readonly Thread[];
}

/** What a test is expected to tell, in bits, and how it can come out. */
export interface TestWorth<Answer> {
  readonly bits: number;
  readonly outcomes: readonly TestOutcome<Answer>[];
}

/** Under this share of an outcome a thread does not count as left standing. */
const LEAST_LEFT = 0.1;

/** Doubt in bits over outcomes of these probabilities. */
function entropy(probabilities: readonly number[]): number {
  return probabilities.reduce((sum, p) => (p <= 0 ? sum : sum - p * Math.log2(p)), 0);
}

function outcomeOf<Answer>(
  answer: Answer,
  chances: readonly number[],
  standing: readonly Contender[],
): TestOutcome<Answer> {
  const joint = standing.map(({ thread, probability }, i) => ({
    thread,
    share: probability * (chances[i] ?? 0),
  }));
  const probability = joint.reduce((sum, { share }) => sum + share, 0);
  const leaves = joint
    .filter(({ share }) => share >= LEAST_LEFT * probability)
    .sort((a, b) => b.share - a.share)
    .map(({ thread }) => thread);
  return { answer, probability, leaves };
}

/**
 * Expected information of a test: the doubt over its answer less the doubt that would be left if the thread were known.
 * @param standing threads still in the running; their probabilities make 1
 * @param weightOf how likely each answer is for a thread, up to a factor of the thread's own
 */
export function worthOf<Answer>(
  answers: readonly Answer[],
  standing: readonly Contender[],
  weightOf: (answer: Answer, thread: Thread) => number,
): TestWorth<Answer> {
  const chances = standing.map(({ thread }) => {
    const weights = answers.map((answer) => weightOf(answer, thread));
    const total = weights.reduce((sum, weight) => sum + weight, 0);
    return weights.map((weight) => (total === 0 ? 1 / answers.length : weight / total));
  });
  const outcomes = answers.map((answer, a) =>
    outcomeOf(
      answer,
      chances.map((ofThread) => ofThread[a] ?? 0),
      standing,
    ),
  );
  const doubt = entropy(outcomes.map(({ probability }) => probability));
  const left = standing.reduce(
    (sum, { probability }, i) => sum + probability * entropy(chances[i] ?? []),
    0,
  );
  return { bits: Math.max(0, doubt - left), outcomes };
}
