import { SHEET_SENTENCES } from "@root-gauge/core/say/sheet";
import { View } from "@tamagui/core";
import { ActionButton } from "../kit/action-button";
import { Card } from "../kit/surface";
import { Body, Heading } from "../kit/text";

export interface CautionsCardProps {
  readonly cautions: readonly string[];
  /** Set where the caution has to be acknowledged before anything else is offered. */
  readonly acknowledgement?: {
    readonly given: boolean;
    readonly onGive: () => void;
  };
}

/** What must be known before the part goes in; on a joint on which safety hangs, acknowledged. */
export function CautionsCard({ cautions, acknowledgement }: CautionsCardProps) {
  const grave = acknowledgement !== undefined;
  return (
    <Card
      gap={8}
      role="note"
      aria-label="Caution"
      {...(grave ? { borderColor: "$clash", borderWidth: 2 } : {})}
    >
      <Heading color={grave ? "$clash" : "$ink"}>Caution</Heading>
      {cautions.map((line) => (
        <Body key={line}>{line}</Body>
      ))}
      {acknowledgement === undefined ? null : acknowledgement.given ? (
        <Body role="status">Read and understood.</Body>
      ) : (
        <View gap={8}>
          <Body>{SHEET_SENTENCES.cautionUnread}</Body>
          <ActionButton label="I have read this caution" onPress={acknowledgement.onGive} />
        </View>
      )}
    </Card>
  );
}
