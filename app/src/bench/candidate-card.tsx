import { percentWords } from "@root-gauge/core";
import { View } from "@tamagui/core";
import { ShareBar } from "../kit/share-bar";
import { Card } from "../kit/surface";
import { Figure, Small } from "../kit/text";

export interface CandidateCardProps {
  readonly name: string;
  readonly probability: number;
  /** One sentence with its figures, or all of them for the winner. */
  readonly reason: string;
}

/** One thread still in the running. */
export function CandidateCard({ name, probability, reason }: CandidateCardProps) {
  return (
    <Card role="listitem" gap={6}>
      <View flexDirection="row" alignItems="baseline" gap={8}>
        <Figure flex={1} fontSize={22} lineHeight={26}>
          {name}
        </Figure>
        <Figure>{percentWords(probability)}</Figure>
      </View>
      <ShareBar share={probability} />
      <Small fontSize={15} lineHeight={20}>
        {reason}
      </Small>
    </Card>
  );
}
