import type { Mark, MarksByPlace } from "./meaning";
import { isOfThread, isPipeClass, isSeries } from "./thread-words";
import type { Token } from "./tokens";

/** What it costs to read a token so; a row of the lexicon may have its own. */
const COSTS = {
  /** A word that nobody knows. */
  unknown: 10,
  /** A word that is in the lexicon, left to the name of the thread: "sae", "p". */
  leftOver: 0.3,
  /** Each mark, so that a longer one is cheaper than two. */
  mark: 0.05,
} as const;

/** One way that every token of a call-out has a role: marks, and the tokens that are left for the thread and the lengths. */
export interface Assignment {
  readonly marks: readonly Mark[];
  /** Places of tokens that are in no mark. */
  readonly left: readonly number[];
  readonly cost: number;
}

/** What tells a part or a coat belongs to a thread only where that is said: "square thread". */
const tellsOtherwise = ({ means }: Mark) => means.role === "kind" || means.role === "finish";

function costLeft(tokens: readonly Token[], at: number, marks: readonly Mark[]): number {
  const token = tokens[at];
  if (token?.kind !== "word" || isPipeClass(tokens, at)) return 0;
  if (!isOfThread(token.text) || marks.some(tellsOtherwise)) return COSTS.unknown;
  return marks.length > 0 && isSeries(token.text) ? COSTS.leftOver : 0;
}

interface Step {
  readonly mark: Mark | undefined;
  readonly to: number;
  readonly cost: number;
}

/** The ways to go on from a place, and what each costs. */
function stepsFrom(
  tokens: readonly Token[],
  at: number,
  here: readonly Mark[],
  taught: readonly Mark[],
): readonly Step[] {
  const own = taught.filter(({ from }) => from === at);
  const marks = own.length > 0 ? own : here;
  return [
    { mark: undefined, to: at + 1, cost: costLeft(tokens, at, marks) },
    ...marks.map((mark) => ({ mark, to: mark.to, cost: mark.cost + COSTS.mark })),
  ];
}

interface Path {
  readonly at: number;
  readonly cost: number;
  readonly least: number;
  readonly marks: readonly Mark[];
  readonly left: readonly number[];
}

/** So many ways are looked at, the cheapest first; what is dearer is no likelier meaning. */
const MOST_PATHS = 60;

/**
 * The ways to give every token a role, the cheapest first.
 * @param marks those of the lexicon, by the place where they begin
 * @param taught marks of the shop's own words, which nothing else stands against
 */
export function* assignments(
  tokens: readonly Token[],
  marks: MarksByPlace,
  taught: readonly Mark[] = [],
): Generator<Assignment> {
  const steps = tokens.map((_, at) => stepsFrom(tokens, at, marks[at] ?? [], taught));
  // The least that the rest of the way costs, from each place.
  const rest: number[] = Array<number>(tokens.length + 1).fill(0);
  for (let at = tokens.length - 1; at >= 0; at -= 1) {
    rest[at] = Math.min(...(steps[at] ?? []).map(({ to, cost }) => cost + (rest[to] ?? 0)));
  }
  let open: Path[] = [{ at: 0, cost: 0, least: rest[0] ?? 0, marks: [], left: [] }];
  for (let found = 0; open.length > 0 && found < MOST_PATHS;) {
    const best = open.reduce((one, other) => (other.least < one.least ? other : one));
    open = open.filter((one) => one !== best);
    if (best.at === tokens.length) {
      found += 1;
      yield { marks: best.marks, left: best.left, cost: best.cost };
      continue;
    }
    for (const { mark, to, cost } of steps[best.at] ?? []) {
      const so = best.cost + cost;
      open.push({
        at: to,
        cost: so,
        least: so + (rest[to] ?? 0),
        marks: mark === undefined ? best.marks : [...best.marks, mark],
        left: mark === undefined ? [...best.left, best.at] : best.left,
      });
    }
  }
}
