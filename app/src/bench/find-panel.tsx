import {
  allReasonsWords,
  designationProblemWords,
  lookUpThread,
  percentWords,
  type DesignationReading,
  type Identification,
  type Units,
} from "@root-gauge/core";
import { View } from "@tamagui/core";
import { changeBench, useBenchState } from "../data/bench";
import { Panel } from "../kit/panel";
import { Body } from "../kit/text";
import { TextEntry } from "../kit/text-entry";
import { CandidateCard } from "./candidate-card";

interface FindPanelProps {
  readonly identification: Identification;
  readonly units: Units;
  readonly onClose: () => void;
}

/** The threads that the text may mean, or the sentence that says why it is none. */
function foundBy(reading: DesignationReading): { ids: readonly string[]; problem?: string } {
  switch (reading.kind) {
    case "found":
      return { ids: [reading.thread, ...reading.others].map(({ id }) => id) };
    case "choices":
      return { ids: reading.threads.map(({ id }) => id) };
    case "problem":
      return { ids: [], problem: designationProblemWords(reading.problem) };
  }
}

/** A thread by its name, and how it stands to the readings on the bench. */
export function FindPanel({ identification, units, onClose }: FindPanelProps) {
  const typed = useBenchState().drafts["find"] ?? "";
  const { ids, problem } = foundBy(lookUpThread(typed));
  const found = identification.candidates.filter(({ thread }) => ids.includes(thread.id));
  return (
    <Panel title="Find a thread by name" onClose={onClose}>
      <View gap={12}>
        <TextEntry
          label="As it is written"
          value={typed}
          placeholder="M10x1.25, 5/16 BSF, G 1/2"
          longest={40}
          autoFocus
          onChange={(text) => changeBench({ type: "draft", field: "find", text })}
        />
        {problem === undefined ? null : (
          <Body color="$quiet">
            {typed.trim() === "" ? "It is set against the readings on the bench." : problem}
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
      </View>
    </Panel>
  );
}
