import { pairWords } from "@root-gauge/core/say/charts";
import { type JudgedPair, type Units } from "@root-gauge/core";
import { View } from "@tamagui/core";
import { Body } from "../kit/text";
import { VerdictMark } from "../kit/verdict-mark";

/** How a screw and a nut take each other, with the sign of the one judgement. */
export function PairLine({ pair, units }: { pair: JudgedPair; units: Units }) {
  return (
    <View flexDirection="row" gap={8} alignItems="flex-start">
      <View paddingTop={2}>
        <VerdictMark verdict={pair.sound ? "settled" : "contradictory"} />
      </View>
      <Body flex={1} color="$quiet">
        {pairWords(pair, units)}
      </Body>
    </View>
  );
}
