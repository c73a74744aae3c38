import { RECORD_SENTENCES } from "@root-gauge/core/record-words";
import { View } from "@tamagui/core";
import { ActionButton } from "../kit/action-button";
import { Small } from "../kit/text";

interface EditButtonsProps {
  readonly removeLabel: string;
  readonly onSave: () => void;
  readonly onLeave: () => void;
  readonly onRemove: () => void;
}

/** How a change ends: kept, left, or the record taken out. */
export function EditButtons({ removeLabel, onSave, onLeave, onRemove }: EditButtonsProps) {
  return (
    <View gap={8}>
      <View flexDirection="row" flexWrap="wrap" gap={8}>
        <ActionButton flex={1} label="Leave it as it was" onPress={onLeave} />
        <ActionButton flex={1} primary label="Keep the change" onPress={onSave} />
      </View>
      <ActionButton label={removeLabel} onPress={onRemove} />
      <Small>{RECORD_SENTENCES.removedIsKept}</Small>
    </View>
  );
}
