import { formatCallout, isCalloutProblem, parseCallout, type CalloutProblem } from "../index";
import { FRESH_COUNTERS } from "./fresh-counters";
import { FRESH_DRAWINGS } from "./fresh-drawings";
import { FRESH_INCHES } from "./fresh-inches";
import { FRESH_TRADES } from "./fresh-trades";
import { FRESH_WORDS } from "./fresh-words";
import { GATHERED_COUNTERS } from "./gathered-counters";
import { GATHERED_EVEN } from "./gathered-even";
import { GATHERED_LAST } from "./gathered-last";
import { GATHERED_LETTERS } from "./gathered-letters";
import { GATHERED_LISTS } from "./gathered-lists";
import { GATHERED_ORDERS } from "./gathered-orders";
import { GATHERED_PARTS } from "./gathered-parts";
import { GATHERED_SCREWS } from "./gathered-screws";
import { GATHERED_STANDARDS } from "./gathered-standards";
import { HELD_BACK } from "./held-back";
import { LATER_ASKED } from "./later-asked";
import { LATER_LAST } from "./later-last";
import { LATER_LISTS } from "./later-lists";
import { LATER_OTHERS } from "./later-others";
import { LATER_SCREWS } from "./later-screws";
import { OPEN_HALF } from "./open-half";

/** One call-out of the corpus: what was written and what is meant by it. */
export interface WrittenCallout {
  /** The class that it is listed in: "quantities", "grades". */
  readonly group: string;
  readonly text: string;
  /**
   * As this program writes the part; "ask: words" where those are to be asked back, "which: thread" where a bare size leaves
   * a choice that has that thread in it.
   */
  readonly meant: string;
}

function listed(half: string): readonly WrittenCallout[] {
  let group = "";
  return half.split("\n").flatMap((line) => {
    if (line.startsWith("## ")) group = line.slice(3);
    const [text, meant] = line.split(" => ");
    return text === undefined || meant === undefined ? [] : [{ group, text, meant: meant.trim() }];
  });
}

/**
 * The half that the reader was written against, the half that was held back until it was finished, and what was collected
 * once it stood.
 */
export const CORPUS = {
  open: listed(OPEN_HALF),
  heldBack: listed(HELD_BACK),
  later: [
    LATER_SCREWS,
    LATER_OTHERS,
    LATER_LISTS,
    LATER_ASKED,
    LATER_LAST,
    FRESH_COUNTERS,
    FRESH_DRAWINGS,
    FRESH_TRADES,
    FRESH_WORDS,
    FRESH_INCHES,
    GATHERED_SCREWS,
    GATHERED_PARTS,
    GATHERED_ORDERS,
    GATHERED_STANDARDS,
    GATHERED_LISTS,
    GATHERED_COUNTERS,
    GATHERED_LETTERS,
    GATHERED_EVEN,
    GATHERED_LAST,
  ].flatMap(listed),
};

/** How a call-out was read: as meant, asked back though it could be read, or as something else. */
export type CorpusOutcome = "as-meant" | "asked-back" | "misread";

function named(problem: CalloutProblem): string {
  switch (problem.code) {
    case "callout-not-understood":
      return problem.words.join(" ");
    case "callout-grade":
      return problem.grade;
    case "callout-length":
      return problem.length;
    case "callout-not-held":
      return problem.part;
    default:
      return "";
  }
}

/** What was read, in a line to hold against what is meant. */
export function readAs(text: string): string {
  const result = parseCallout(text);
  if (!isCalloutProblem(result)) return formatCallout(result);
  return result.code === "callout-which-thread"
    ? `which: ${result.threads.map(({ designation }) => designation).join(", ")}`
    : `ask: ${named(result)} (${result.code})`;
}

const ASKS = /^(ask|which): /;

/** Holds what is read of a call-out against what is meant by it. */
export function outcomeOf({ text, meant }: WrittenCallout): CorpusOutcome {
  const read = readAs(text);
  const asked = ASKS.exec(meant)?.[1];
  const wanted = asked === undefined ? [] : meant.replace(ASKS, "").split(", ");
  const asMeant =
    asked === undefined
      ? read === meant
      : read.startsWith(`${asked}: `) && wanted.every((one) => read.includes(one));
  if (asMeant) return "as-meant";
  return ASKS.test(read) ? "asked-back" : "misread";
}
