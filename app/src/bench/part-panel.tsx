import { PART_KIND_WORDS, type PartKind } from "@root-gauge/core";
import { PART_KINDS } from "@root-gauge/core/lists";
import { PART_READ_BY } from "@root-gauge/core/say/bench";
import { View } from "@tamagui/core";
import { changeBench } from "../data/drafts/bench";
import { ListRow } from "../kit/list-row";
import { Panel } from "../kit/panel";
import { Figure, Small } from "../kit/text";

/** What lies on the bench: it decides how the size is taken and what can be read. */
export function PartPanel({ part, onClose }: { part: PartKind; onClose: () => void }) {
  return (
    <Panel title="What is on the bench" onClose={onClose}>
      <View>
        {PART_KINDS.map((kind) => (
          <ListRow
            key={kind}
            onPress={() => {
              changeBench({ type: "part-kind", part: kind });
              onClose();
            }}
          >
            <View flex={1} gap={2}>
              <Figure fontSize="$name" lineHeight="$name">
                {kind === part ? `${PART_KIND_WORDS[kind]}, as now` : PART_KIND_WORDS[kind]}
              </Figure>
              <Small>{PART_READ_BY[kind]}</Small>
            </View>
          </ListRow>
        ))}
      </View>
    </Panel>
  );
}
