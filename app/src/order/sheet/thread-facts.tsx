import type { Thread, Units } from "@root-gauge/core";
import { tableFacts } from "@root-gauge/core/say/charts";
import { SHEET_SENTENCES } from "@root-gauge/core/say/sheet";
import { ActionButton } from "../../kit/action-button";
import { Facts } from "../../kit/facts";
import { Card } from "../../kit/surface";
import { Heading, Small } from "../../kit/text";

export interface ThreadFactsProps {
  readonly thread: Thread;
  readonly units: Units;
  /** Opens the thread's page in the charts. */
  readonly onChart: () => void;
}

/** The thread's true sizes, as the standard gives them, and the way to its page in the charts. */
export function ThreadFacts({ thread, units, onChart }: ThreadFactsProps) {
  return (
    <Card gap={8}>
      <Heading>{thread.designation}</Heading>
      <Facts facts={tableFacts(thread, units)} />
      {thread.verified ? null : <Small>{SHEET_SENTENCES.unverified}</Small>}
      <ActionButton label="All about this thread" onPress={onChart} />
    </Card>
  );
}
