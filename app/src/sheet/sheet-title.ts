import {
  percentWords,
  threadById,
  threadCallout,
  threadName,
  verdictWords,
  weakestGrade,
  type IdentificationSummary,
  type Thread,
  type Verdict,
} from "@root-gauge/core";

export interface SheetTitle {
  /** The words of the counter when settled, else how far it got. */
  readonly title: string;
  readonly subtitle: string;
  readonly verdict: Verdict;
  /** The thread the sheet may speak of: only one that the readings favour. */
  readonly threadId: string | undefined;
}

/** From this share of "something else" no thread is named. */
const TOO_UNKNOWN = 0.5;

/** The thread of a settled screw, bolt or stud: what a fastener sheet can be made of. */
export function screwThread(result: IdentificationSummary): Thread | undefined {
  const { verdict, side = "external", hand = "right" } = result;
  const { threadId } = sheetTitle(result);
  const held = threadId === undefined ? undefined : threadById(threadId);
  if (held === undefined || verdict !== "settled" || side !== "external") return undefined;
  return weakestGrade(held) === undefined ? undefined : { ...held, hand };
}

/** What a sheet, and a line in a job, is headed with. */
export function sheetTitle(result: IdentificationSummary): SheetTitle {
  const { verdict, unknown, candidates, side = "external", hand = "right" } = result;
  const [best] = candidates;
  const words = verdictWords({ verdict, candidates });
  const held = best === undefined ? undefined : threadById(best.threadId);
  const thread = held && { ...held, hand };
  if (
    best === undefined ||
    thread === undefined ||
    verdict === "contradictory" ||
    unknown > TOO_UNKNOWN
  ) {
    return { title: "Not known yet", subtitle: words, verdict, threadId: undefined };
  }
  const share = percentWords(best.probability);
  if (verdict === "settled") {
    const title = threadCallout(thread, side);
    return { title, subtitle: `${words}, ${share}`, verdict, threadId: thread.id };
  }
  const title = `Likeliest: ${threadName(thread)}`;
  return { title, subtitle: `${words}, ${share}`, verdict, threadId: thread.id };
}
