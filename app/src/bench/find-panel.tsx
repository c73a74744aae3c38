import {
  allReasonsWords,
  calloutProblemWords,
  designationProblemWords,
  formatCallout,
  isCalloutProblem,
  lookUpThread,
  percentWords,
  understandingWords,
  type DesignationReading,
  type Identification,
  type Units,
} from "@root-gauge/core";
import { View } from "@tamagui/core";
import { useRouter } from "expo-router";
import { changeBench, useBenchState } from "../data/bench";
import { ActionButton } from "../kit/action-button";
import { Panel } from "../kit/panel";
import { Body } from "../kit/text";
import { TextEntry } from "../kit/text-entry";
import { CalledRow, calledPart } from "../sheet/called-row";
import { screwOf } from "../sheet/callout-box";
import { sheetPath } from "../sheet/sheet-address";
import { CandidateCard } from "./candidate-card";

interface FindPanelProps {
  readonly identification: Identification;
  readonly units: Units;
  readonly onClose: () => void;
}

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

/** What was not understood of a part, where the text is more of an order than of a thread. */
function orderProblem(text: string): string | undefined {
  const read = screwOf(text);
  if (!isCalloutProblem(read)) return undefined;
  const helps = read.code === "callout-not-understood" || read.code === "callout-grade";
  return helps ? calloutProblemWords(read) : undefined;
}

/** A thread by its name, and how it stands to the readings on the bench. */
export function FindPanel({ identification, units, onClose }: FindPanelProps) {
  const router = useRouter();
  const typed = useBenchState().drafts["find"] ?? "";
  const { ids, problem } = foundBy(lookUpThread(typed));
  const called = calledPart(typed);
  const found = identification.candidates.filter(({ thread }) => ids.includes(thread.id));
  return (
    <Panel title="Find a thread, or order a part" onClose={onClose}>
      <View gap={12}>
        <TextEntry
          label="As it is written"
          value={typed}
          placeholder="M10x1.25, 5/16 BSF, 7/16-14 x 2-1/4 gr 5"
          longest={200}
          autoFocus
          onSubmit={() => {
            if (called !== undefined) router.push(sheetPath(formatCallout(called)));
          }}
          onChange={(text) => changeBench({ type: "draft", field: "find", text })}
        />
        <CalledRow text={typed} />
        {problem === undefined || called !== undefined ? null : (
          <Body color="$quiet">
            {typed.trim() === ""
              ? "A thread is set against the readings on the bench; a part as you would order it opens its sheet."
              : (orderProblem(typed) ?? problem)}
          </Body>
        )}
        {found.map((candidate) => (
          <CandidateCard
            key={candidate.thread.id}
            name={candidate.thread.designation}
            probability={candidate.probability}
            reason={
              allReasonsWords(candidate, units) ||
              `Nothing was read yet: ${percentWords(candidate.probability)} by how common it is.`
            }
          />
        ))}
        <ActionButton label="Start from a hole" onPress={() => router.push("/specify")} />
      </View>
    </Panel>
  );
}
