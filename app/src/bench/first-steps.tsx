import type { ThreadSide } from "@root-gauge/core";
import { View } from "@tamagui/core";
import { Body, Figure } from "../kit/text";

const STEPS: Readonly<Record<ThreadSide, readonly string[]>> = {
  external: [
    "Measure over the crests, and touch Ø on the drawing.",
    "Lay a pitch leaf on the thread, or count threads, and touch pitch.",
    "Read what it is and why, then write it up for the job.",
  ],
  internal: [
    "Measure the bore over its crests, and touch bore on the drawing.",
    "Lay a pitch leaf in the thread, and touch pitch; or try a known bolt.",
    "Read what it is and why, then write it up for the job.",
  ],
};

/** What stands in the list before anything was read. */
export function FirstSteps({ side }: { side: ThreadSide }) {
  return (
    <View role="list" gap={8} paddingVertical={4}>
      {STEPS[side].map((step, at) => (
        <View key={step} role="listitem" flexDirection="row" gap={12}>
          <Figure fontSize={18} color="$brass">
            {at + 1}
          </Figure>
          <Body flex={1}>{step}</Body>
        </View>
      ))}
    </View>
  );
}
