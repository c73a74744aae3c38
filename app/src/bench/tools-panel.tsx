import { TOOLS, type Tool } from "@root-gauge/core";
import { PANEL_SENTENCES, TOOL_WORDS } from "@root-gauge/core/say/bench";
import { View } from "@tamagui/core";
import { useRouter } from "expo-router";
import { changeSettings, useSettings } from "../data/kept/settings";
import { ActionButton } from "../kit/action-button";
import { Panel } from "../kit/panel";
import { Small } from "../kit/text";
import { ToggleChips } from "../kit/toggle-chips";

const CHOICES = TOOLS.map((value) => ({ value, label: TOOL_WORDS[value] }));

/** What this person owns: the next test keeps to it. */
export function ToolsPanel({ onClose }: { onClose: () => void }) {
  const router = useRouter();
  const { tools } = useSettings();
  const change = (next: readonly Tool[]) => changeSettings({ tools: [...next] });
  return (
    <Panel title="Tools on hand" onClose={onClose}>
      <View gap={12}>
        <Small>{PANEL_SENTENCES.toolsOnHand}</Small>
        <ToggleChips name="Tools on hand" values={tools} choices={CHOICES} onChange={change} />
        <ActionButton label="Drills and taps" onPress={() => router.push("/tools")} />
      </View>
    </Panel>
  );
}
