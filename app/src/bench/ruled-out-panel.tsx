import {
  STANDING_WORDS,
  decisiveReason,
  nearestFirst,
  reasonWords,
  type Candidate,
  type Units,
} from "@root-gauge/core";
import { PANEL_SENTENCES } from "@root-gauge/core/say/bench";
import { View } from "@tamagui/core";
import { FlatList } from "react-native";
import { Panel } from "../kit/panel";
import { Figure, Small } from "../kit/text";

interface RuledOutProps {
  /** The threads that are ruled out. */
  readonly fallen: readonly Candidate[];
  readonly majorMm: number | undefined;
  readonly units: Units;
  readonly onClose: () => void;
}

/** The reading that felled it; where no reading speaks against it, that it is too rare to stand beside the others. */
function whyFallen(candidate: Candidate, units: Units): string {
  const reason = decisiveReason(candidate);
  if (reason === undefined) return PANEL_SENTENCES.nothingRead;
  const words = reasonWords(reason, units);
  const rare = candidate.reasons.find(
    (other) => other.code === "commonness" && other.common === "rare",
  );
  if (reason.agreement !== "agrees" || rare === undefined || rare === reason) return words;
  return `${words} ${reasonWords(rare, units)}`;
}

function RuledOutRow({ candidate, units }: { candidate: Candidate; units: Units }) {
  return (
    <View
      role="listitem"
      paddingVertical={8}
      paddingHorizontal={12}
      borderTopWidth={1}
      borderColor="$line"
    >
      <Figure>{candidate.thread.designation}</Figure>
      <Small>{whyFallen(candidate, units)}</Small>
    </View>
  );
}

/** Every thread that fell, the nearest first, each with the reading that felled it. */
export function RuledOutPanel({ fallen, majorMm, units, onClose }: RuledOutProps) {
  return (
    <Panel title={`${STANDING_WORDS.ruledOut} ${fallen.length}`} onClose={onClose} ownScroll>
      <FlatList
        role="list"
        data={nearestFirst(fallen, majorMm)}
        keyExtractor={({ thread }) => thread.id}
        renderItem={({ item }) => <RuledOutRow candidate={item} units={units} />}
        initialNumToRender={16}
      />
    </Panel>
  );
}
