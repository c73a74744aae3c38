import {
  allReasonsWords,
  lookUpThread,
  type DesignationReading,
  type Identification,
  type Units,
} from "@root-gauge/core";
import {
  calledScrew,
  isCalloutProblem,
  parseScrew,
  type CalloutProblem,
  type OwnWord,
} from "@root-gauge/core/callout";
import { designationProblemWords, understandingWords } from "@root-gauge/core/say/charts";
import { PANEL_SENTENCES, unreadShareWords } from "@root-gauge/core/say/bench";
import { calloutProblemWords } from "@root-gauge/core/say/sheet";
import { useOwnWords, useWordsOfServer } from "../data/record/own-words";
import { Body } from "../kit/text";
import { CalledRow } from "../order/callout/called-row";
import { View } from "@tamagui/core";
import { CandidateRow } from "./candidate-row";

const leftOver = (rest: string | undefined) =>
  rest === undefined ? {} : { problem: understandingWords({ kind: "name", rest }, "mm") };

/** The threads that the text may mean, or the sentence that says why it is none. */
function foundBy(reading: DesignationReading): { ids: readonly string[]; problem?: string } {
  switch (reading.kind) {
    case "found":
      return {
        ids: [reading.thread, ...reading.others].map(({ id }) => id),
        ...leftOver(reading.rest),
      };
    case "choices":
      return { ids: reading.threads.map(({ id }) => id), ...leftOver(reading.rest) };
    case "problem":
      return { ids: [], problem: designationProblemWords(reading.problem) };
  }
}

/** Problems with a part that say more than that there is no such thread. */
const HELPS: ReadonlySet<CalloutProblem["code"]> = new Set([
  "callout-not-understood",
  "callout-not-held",
  "callout-grade",
]);

/** What was not understood of a part, where the text is more of an order than of a thread. */
function orderProblem(text: string, words: readonly OwnWord[]): string | undefined {
  const read = parseScrew(text, words);
  if (!isCalloutProblem(read)) return undefined;
  return HELPS.has(read.code) ? calloutProblemWords(read) : undefined;
}

export interface FindResultsProps {
  readonly typed: string;
  readonly identification: Identification;
  readonly units: Units;
}

/** What the text means: a part to order, threads and how they stand to the readings, or why it is neither. */
export function FindResults({ typed, identification, units }: FindResultsProps) {
  const { ids, problem } = foundBy(lookUpThread(typed));
  useWordsOfServer();
  const words = useOwnWords();
  const called = calledScrew(typed, words);
  const found = identification.candidates.filter(({ thread }) => ids.includes(thread.id));
  return (
    <>
      <CalledRow text={typed} />
      {problem === undefined || called !== undefined ? null : (
        <Body color="$quiet">
          {typed.trim() === "" ? PANEL_SENTENCES.findWhat : (orderProblem(typed, words) ?? problem)}
        </Body>
      )}
      {found.length === 0 ? null : (
        <View role="list" aria-label="Found">
          {found.map((candidate) => {
            const reasons =
              allReasonsWords(candidate, units) || unreadShareWords(candidate.probability);
            return (
              <CandidateRow
                key={candidate.thread.id}
                name={candidate.thread.designation}
                probability={candidate.probability}
                reason={reasons}
                allReasons={reasons}
                tells="a sentence"
              />
            );
          })}
        </View>
      )}
    </>
  );
}
