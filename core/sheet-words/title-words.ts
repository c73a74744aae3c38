import type { IdentificationSummary, Verdict } from "../identify";
import { threadName, type Thread } from "../threads";
import { percentWords, verdictWords } from "../words";
import { threadCallout } from "./thread-callout";

/** What a sheet, and a line in a machine, is headed with. */
export interface PartTitle {
  /** The words of the counter when settled, else how far it got. */
  readonly title: string;
  readonly subtitle: string;
  readonly verdict: Verdict;
}

/**
 * The heading of a part by its result.
 * @param thread the thread that the readings favour, if they favour one
 */
export function partTitleWords(
  { verdict, candidates, side = "external" }: IdentificationSummary,
  thread: Thread | undefined,
): PartTitle {
  const words = verdictWords({ verdict, candidates });
  const [best] = candidates;
  if (thread === undefined || best === undefined) {
    return { title: "Not known yet", subtitle: words, verdict };
  }
  const title =
    verdict === "settled" ? threadCallout(thread, side) : `Likeliest: ${threadName(thread)}`;
  return { title, subtitle: `${words}, ${percentWords(best.probability)}`, verdict };
}
