import {
  allReasonsWords,
  findThread,
  percentWords,
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

/** A thread by its name, and how it stands to the readings on the bench. */
export function FindPanel({ identification, units, onClose }: FindPanelProps) {
  const typed = useBenchState().drafts["find"] ?? "";
  const thread = findThread(typed);
  const candidate = identification.candidates.find((one) => one.thread.id === thread?.id);
  return (
    <Panel title="Find a thread by name" onClose={onClose}>
      <View gap={12}>
        <TextEntry
          label="As it is written"
          value={typed}
          placeholder="M10x1.25, 1/2-13, #10-32 UNF"
          longest={40}
          autoFocus
          onChange={(text) => changeBench({ type: "draft", field: "find", text })}
        />
        {candidate === undefined ? (
          <Body color="$quiet">
            {typed.trim() === ""
              ? "It is set against the readings on the bench."
              : `Read “${typed.trim()}”: not one thread of those held. Accepted: a metric size with its pitch, or an inch size with threads per inch or UNC, UNF.`}
          </Body>
        ) : (
          <CandidateCard
            name={candidate.thread.designation}
            probability={candidate.probability}
            reason={
              allReasonsWords(candidate, units) ||
              `Nothing was read yet: ${percentWords(candidate.probability)} by how common it is.`
            }
          />
        )}
      </View>
    </Panel>
  );
}
