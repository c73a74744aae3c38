import { removedWords } from "@root-gauge/core/say/record";
import { View } from "@tamagui/core";
import { putBack, useLastRemoved } from "../data/outbox/removal";
import { ActionButton } from "../kit/action-button";
import { Body } from "../kit/text";
import { PageActions } from "../shell/page";

/** What was removed last, and the way back; it outlives a reload. */
export function PutBackBar() {
  const what = useLastRemoved();
  return what === undefined ? null : (
    <PageActions>
      <View flexDirection="row" alignItems="center" gap={8}>
        <Body flex={1} role="status">
          {removedWords(what)}
        </Body>
        <ActionButton label="Undo" says={`Undo: put back ${what}`} onPress={putBack} />
      </View>
    </PageActions>
  );
}
