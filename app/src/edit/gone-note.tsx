import { View } from "@tamagui/core";
import { ActionButton } from "../kit/action-button";
import { Body } from "../kit/text";

interface GoneNoteProps {
  /** That it was taken out of the lists, in a sentence. */
  readonly says: string;
  readonly name: string;
  readonly onPutBack: () => void;
}

/** Over a record that was taken out of the lists, here or on another device, while it is looked at: the way back. */
export function GoneNote({ says, name, onPutBack }: GoneNoteProps) {
  return (
    <View gap={8} data-print="no">
      <Body role="status">{says}</Body>
      <ActionButton label="Put it back" says={`Put it back: ${name}`} onPress={onPutBack} />
    </View>
  );
}
