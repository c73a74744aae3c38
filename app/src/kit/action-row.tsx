import { View } from "@tamagui/core";
import { ActionButton } from "./action-button";
import { Body, Figure, Small } from "./text";

interface ActionRowProps {
  readonly title: string;
  readonly subtitle: string;
  readonly label: string;
  readonly says: string;
  /** Absent where it is done already. */
  readonly onPress: (() => void) | undefined;
  /** What stands in the place of the button then. */
  readonly done?: string;
}

/** A row of a list with the one thing that is done with it beside it. */
export function ActionRow({ title, subtitle, label, says, onPress, done = "" }: ActionRowProps) {
  return (
    <View
      role="listitem"
      flexDirection="row"
      alignItems="center"
      gap={8}
      paddingVertical={6}
      borderBottomWidth={1}
      borderColor="$line"
    >
      <View flex={1} minWidth={0}>
        <Figure>{title}</Figure>
        <Small>{subtitle}</Small>
      </View>
      {onPress === undefined ? (
        <Body color="$quiet">{done}</Body>
      ) : (
        <ActionButton label={label} says={says} onPress={onPress} />
      )}
    </View>
  );
}
