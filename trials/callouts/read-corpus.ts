import { readFileSync, readdirSync } from "node:fs";
import path from "node:path";
import {
  formatCallout,
  isCalloutProblem,
  parseCallout,
  type CalloutProblem,
} from "@root-gauge/core/callout";

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

/** The call-outs by the set that each line says it belongs to, in its first column. */
export interface Corpus {
  /** The half that the reader was written against. */
  readonly open: readonly WrittenCallout[];
  /** The half that was held back until it was finished. */
  readonly heldBack: readonly WrittenCallout[];
  /** What was collected once it stood. */
  readonly later: readonly WrittenCallout[];
}

/** Every line of the tables in a folder: one file a class, columns apart by tabs, their names in the first line. */
export function readCorpus(folder: string): Corpus {
  const lines = readdirSync(folder)
    .filter((file) => file.endsWith(".tsv"))
    .sort()
    .flatMap((file) => readFileSync(path.join(folder, file), "utf8").trimEnd().split("\n").slice(1))
    .map((line) => {
      const [set = "", group = "", text = "", meant = ""] = line.split("\t");
      return { set, group, text, meant };
    });
  const of = (wanted: string) => lines.filter(({ set }) => set === wanted);
  return { open: of("open"), heldBack: of("held back"), later: of("later") };
}

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
