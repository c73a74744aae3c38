import type { RepairRow as Row } from "@root-gauge/contract";
import { RECORD_SENTENCES } from "@root-gauge/core/say/record";
import { progressWords } from "@root-gauge/core/say/mend";
import { View } from "@tamagui/core";
import type { Kept } from "../../data/outbox/waiting";
import { ListRow } from "../../kit/list-row";
import { Body, Figure, Small } from "../../kit/text";

/** A repair as a row: what was done, where, and how far it has come. */
export function RepairRow({ repair, onPress }: { repair: Kept<Row>; onPress: () => void }) {
  const { record, title, thread, position, steps } = repair;
  return (
    <ListRow onPress={onPress}>
      <View flex={1} gap={2}>
        <Figure fontSize="$heading" lineHeight="$heading">
          {record === null ? "A repair" : `${thread}: ${title}`}
        </Figure>
        <Body>{position === "" ? "Place not named" : position}</Body>
        <Small>
          {record === null
            ? RECORD_SENTENCES.repairUnreadable
            : progressWords(record.outcome, record.done.length, steps)}
        </Small>
        {repair.waiting ? <Small>{RECORD_SENTENCES.notOnServer}</Small> : null}
      </View>
    </ListRow>
  );
}
