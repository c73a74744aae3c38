import type { PositionState } from "@root-gauge/core/record";
import { STATE_WORDS } from "@root-gauge/core/record-words";
import { View } from "@tamagui/core";
import { Label } from "../kit/text";

/** Those that wait for somebody's hand stand out; what is done is quiet. */
const WAITS: ReadonlySet<PositionState> = new Set(["to-identify", "to-order", "watch"]);

/** How a position stands, as a small plate with its word. */
export function StateMark({ state }: { state: PositionState }) {
  const waits = WAITS.has(state);
  return (
    <View
      borderWidth={1}
      borderColor={waits ? "$brass" : "$line"}
      borderRadius={3}
      paddingHorizontal={6}
      paddingVertical={1}
    >
      <Label color={waits ? "$ink" : "$quiet"}>{STATE_WORDS[state]}</Label>
    </View>
  );
}
