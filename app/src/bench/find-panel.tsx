import { MOST_LETTERS, type Identification, type Units } from "@root-gauge/core";
import { View } from "@tamagui/core";
import { useRouter } from "expo-router";
import { useDraft, writeDraft } from "../data/drafts/drafts";
import { ActionButton } from "../kit/action-button";
import { Panel } from "../kit/panel";
import { TextEntry } from "../kit/text-entry";
import { fetchLater, fetchedLater } from "../shell/fetched-later";

const FindResults = fetchedLater((later) => later.FindResults);

interface FindPanelProps {
  readonly identification: Identification;
  readonly units: Units;
  readonly onClose: () => void;
}

/** A thread by its name, and how it stands to the readings on the bench. */
export function FindPanel({ identification, units, onClose }: FindPanelProps) {
  const router = useRouter();
  const typed = useDraft("find") ?? "";
  const open = async () => {
    const { orderedPath } = await fetchLater();
    const path = orderedPath(typed);
    if (path !== undefined) router.push(path);
  };
  return (
    <Panel title="Find a thread, or order a part" onClose={onClose}>
      <View gap={12}>
        <TextEntry
          label="As it is written"
          value={typed}
          placeholder="M10x1.25, 5/16 BSF, 7/16-14 x 2-1/4 gr 5"
          longest={MOST_LETTERS}
          autoFocus
          onSubmit={() => void open()}
          onChange={(text) => writeDraft("find", text)}
        />
        <FindResults typed={typed} identification={identification} units={units} />
        <ActionButton label="Start from a hole" onPress={() => router.push("/specify")} />
      </View>
    </Panel>
  );
}
