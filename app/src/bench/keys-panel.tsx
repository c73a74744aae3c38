import { View } from "@tamagui/core";
import { Panel } from "../kit/panel";
import { Body, Figure } from "../kit/text";
import { BENCH_KEYS } from "./keys";

/** The keys, written out. */
export function KeysPanel({ onClose }: { onClose: () => void }) {
  return (
    <Panel title="Keys" onClose={onClose}>
      <View role="list" gap={6}>
        {BENCH_KEYS.map(({ key, does }) => (
          <View key={key} role="listitem" flexDirection="row" gap={12}>
            <Figure width={24} textAlign="center" borderWidth={1} borderColor="$line">
              {key}
            </Figure>
            <Body flex={1}>{does}</Body>
          </View>
        ))}
        <Body color="$quiet">Enter takes a reading. Escape closes a panel.</Body>
      </View>
    </Panel>
  );
}
