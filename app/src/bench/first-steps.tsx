import { FIRST_STEPS } from "@root-gauge/core";
import type { ThreadSide } from "@root-gauge/core";
import { View } from "@tamagui/core";
import { Body, Figure } from "../kit/text";

/** What stands in the list before anything was read. */
export function FirstSteps({ side }: { side: ThreadSide }) {
  return (
    <View role="list" gap={8} paddingVertical={4}>
      {FIRST_STEPS[side].map((step, at) => (
        <View key={step} role="listitem" flexDirection="row" gap={12}>
          <Figure fontSize="$name" color="$brass">
            {at + 1}
          </Figure>
          <Body flex={1}>{step}</Body>
        </View>
      ))}
    </View>
  );
}
