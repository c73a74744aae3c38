import { lastReading, readingWords, type Reading, type Units } from "@root-gauge/core";
import { View } from "@tamagui/core";
import { changeBench } from "../data/drafts/bench";
import { ActionButton } from "../kit/action-button";

interface OtherEndProps {
  readonly readings: readonly Reading[];
  readonly units: Units;
}

/** Turns the stud on the bench end for end: each end is read by itself. */
export function OtherEnd({ readings, units }: OtherEndProps) {
  const end = lastReading(readings, "other-end");
  const found = end && readingWords(end, units).figure;
  return (
    <View marginTop={8}>
      <ActionButton
        label={found === undefined ? "Read its other end" : `Turn it round: other end ${found}`}
        onPress={() => changeBench({ type: "turn-round" })}
      />
    </View>
  );
}
