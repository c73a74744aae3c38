import { PANEL_SENTENCES } from "@root-gauge/core/say/bench";
import { View } from "@tamagui/core";
import { Panel } from "../kit/panel";
import { Body, Figure } from "../kit/text";
import { BENCH_KEYS, type BenchKey } from "./keys";

const DOES: Readonly<Record<BenchKey, string>> = {
  d: "read the diameter, or the bore",
  p: "read the pitch",
  l: "read the length",
  h: "read the head mark",
  a: "read across the flats",
  f: "give the form and the origin",
  t: "try a known part",
  c: "compare two",
  n: "go to the next test",
  z: "undo",
  u: "flip mm and in",
  w: "write it up",
  "/": "find a thread, or order a part",
  "?": "show these keys",
};

/** The keys, written out. */
export function KeysPanel({ onClose }: { onClose: () => void }) {
  return (
    <Panel title="Keys" onClose={onClose}>
      <View role="list" gap={6}>
        {BENCH_KEYS.map((key) => (
          <View key={key} role="listitem" flexDirection="row" gap={12}>
            <Figure width={24} textAlign="center" borderWidth={1} borderColor="$line">
              {key}
            </Figure>
            <Body flex={1}>{DOES[key]}</Body>
          </View>
        ))}
        <Body color="$quiet">{PANEL_SENTENCES.enterAndEscape}</Body>
      </View>
    </Panel>
  );
}
