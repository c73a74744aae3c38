import { printLength } from "@root-gauge/core";
import type { CaliperCommand } from "@root-gauge/contract";
import { PANEL_SENTENCES } from "@root-gauge/core/say/bench";
import { View } from "@tamagui/core";
import { api } from "../../data/server/api";
import { useCaliper } from "../../data/server/caliper";
import { ActionButton } from "../../kit/action-button";
import { Body, Figure, Label } from "../../kit/text";
import type { LiveCaliperProps } from "./caliper-context";

const BUTTONS: readonly { press: CaliperCommand["press"]; label: string }[] = [
  { press: "zero", label: "Zero" },
  { press: "next-part", label: "Next" },
];

function press(button: CaliperCommand["press"]): void {
  // The stream shows what came of it; when the caliper is away it says so.
  void api.pressCaliper({ press: button }).catch(() => undefined);
}

/** What the caliper shows now, its buttons, and taking the figure over. */
export function LiveCaliper({ units, onUse }: LiveCaliperProps) {
  const feed = useCaliper();
  if (feed.state !== "live") {
    return (
      <Body role="status">
        {feed.state === "connecting" ? PANEL_SENTENCES.caliperAwaited : PANEL_SENTENCES.caliperAway}
      </Body>
    );
  }
  const { mm, held } = feed.figure;
  return (
    <View gap={6} padding={10} borderWidth={1} borderColor="$line" borderRadius={4}>
      <View flexDirection="row" alignItems="baseline" gap={8}>
        <Figure flex={1} fontSize="$reading" lineHeight="$reading" aria-label="The caliper shows">
          {printLength(mm, units)}
        </Figure>
        <Label>{held ? "held" : "simulated caliper, live"}</Label>
      </View>
      <View flexDirection="row" flexWrap="wrap" gap={6}>
        <ActionButton
          flex={1}
          label={held ? "Release" : "Hold"}
          onPress={() => press(held ? "release" : "hold")}
        />
        {BUTTONS.map(({ press: button, label }) => (
          <ActionButton key={button} flex={1} label={label} onPress={() => press(button)} />
        ))}
        <ActionButton flex={1} label="Use it" onPress={() => onUse(mm)} />
      </View>
    </View>
  );
}
