import { PART_KINDS, PART_KIND_WORDS, type PartKind } from "@root-gauge/core";
import { View } from "@tamagui/core";
import { changeBench } from "../data/bench";
import { ListRow } from "../kit/list-row";
import { Panel } from "../kit/panel";
import { Figure, Small } from "../kit/text";

const READ_BY: Readonly<Record<PartKind, string>> = {
  bolt: "Over its crests; head mark and hexagon help.",
  stud: "Over its crests; the two ends may differ.",
  nut: "By its bore and pitch; a known bolt tried in it tells most.",
  "tapped-hole": "By its bore and pitch, or a known bolt.",
  "pipe-male": "Over its crests, at both ends when it tapers.",
  "pipe-female": "By its bore at the mouth and its pitch.",
};

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
              <Figure fontSize={18} lineHeight={22}>
                {kind === part ? `${PART_KIND_WORDS[kind]}, as now` : PART_KIND_WORDS[kind]}
              </Figure>
              <Small>{READ_BY[kind]}</Small>
            </View>
          </ListRow>
        ))}
      </View>
    </Panel>
  );
}
