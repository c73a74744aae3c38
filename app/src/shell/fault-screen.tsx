import { View } from "@tamagui/core";
import { ActionButton } from "../kit/action-button";
import { Body } from "../kit/text";
import { PageHead } from "./page";

export interface FaultScreenProps {
  readonly message: string;
  /** Back to the Bench, which is fetched already. */
  readonly onBench: () => void;
}

/** Shown instead of a screen that failed, or that could not be fetched because the server is away. */
export function FaultScreen({ message, onBench }: FaultScreenProps) {
  return (
    <View flex={1} backgroundColor="$plate" render="main">
      <PageHead title="This could not be shown" />
      <View padding={12} gap={12}>
        <Body>
          What you typed is kept on this device. If the server is away, try again when it is back.
        </Body>
        <Body color="$quiet">{message}</Body>
        <ActionButton primary label="Go to the Bench" onPress={onBench} />
      </View>
    </View>
  );
}
