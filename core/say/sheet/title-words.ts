import {
  lastReading,
  type IdentificationSummary,
  type Reading,
  type Verdict,
} from "../../identify/weigh";
import { threadName, type Thread } from "../../catalogue/threads";
import { percentWords, readingWords, verdictWords } from "../common";
import { threadCallout } from "./thread-callout";

/** What a sheet, and a line in a machine, is headed with. */
export interface PartTitle {
  /** The words of the counter when settled, else how far it got. */
  readonly title: string;
  readonly subtitle: string;
  readonly verdict: Verdict;
}

/** A part as far as its heading says it: its readings may tell of a stud's other end. */
export interface TitledPart {
  readonly result: IdentificationSummary;
  readonly readings: readonly Reading[];
}

/**
 * The heading of a part by its result.
 * @param thread the thread that the readings favour, if they favour one
 */
export function partTitleWords(
  { result, readings }: TitledPart,
  thread: Thread | undefined,
): PartTitle {
  const { verdict, candidates, side = "external" } = result;
  const words = verdictWords({ verdict, candidates });
  const [best] = candidates;
  if (thread === undefined || best === undefined) {
    return { title: "Not known yet", subtitle: words, verdict };
  }
  const title =
    verdict === "settled" ? threadCallout(thread, side) : `Likeliest: ${threadName(thread)}`;
  const end = lastReading(readings, "other-end");
  const other = end === undefined ? "" : `; other end ${readingWords(end, "mm").figure}`;
  return { title, subtitle: `${words}, ${percentWords(best.probability)}${other}`, verdict };
}
