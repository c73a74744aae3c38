import { RECORD_SENTENCES } from "@root-gauge/core/say/record";
import { View } from "@tamagui/core";
import { ActionButton } from "../kit/action-button";
import { Body, Small } from "../kit/text";
import { FoldedHistory } from "./history";
import type { Editing } from "./use-editing";

interface EditButtonsProps {
  readonly removeLabel: string;
  /** Why it cannot be kept as it stands. */
  readonly problem?: string | undefined;
  readonly editing: Pick<
    Editing<{ readonly id: string; readonly version: number }>,
    "now" | "begun"
  >;
  /** Whether its history can be looked at here. */
  readonly history?: boolean;
  readonly onSave: () => void;
  readonly onLeave: () => void;
  readonly onRemove: () => void;
}

/** How a change ends: kept, left, or the record taken out. */
export function EditButtons(props: EditButtonsProps) {
  const { removeLabel, problem, editing, history = true, onSave, onLeave, onRemove } = props;
  const { now, begun } = editing;
  return (
    <View gap={8}>
      {now.version > begun.version ? (
        <Body role="status">{RECORD_SENTENCES.changedSinceBegun}</Body>
      ) : null}
      {problem === undefined ? null : (
        <Body role="alert" color="$clash">
          {problem}
        </Body>
      )}
      <View flexDirection="row" flexWrap="wrap" gap={8}>
        <ActionButton flex={1} label="Leave it as it was" onPress={onLeave} />
        <ActionButton flex={1} primary label="Keep the change" onPress={onSave} />
      </View>
      <ActionButton label={removeLabel} onPress={onRemove} />
      <Small>{RECORD_SENTENCES.removedIsKept}</Small>
      {history ? <FoldedHistory recordId={now.id} /> : null}
    </View>
  );
}
