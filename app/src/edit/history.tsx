import { POSITION_SENTENCES, historyWords } from "@root-gauge/core/say/record";
import { View } from "@tamagui/core";
import { useState } from "react";
import { useChanges } from "../data/record/position-queries";
import { sign, useSignature } from "../data/kept/signature";
import { ActionButton } from "../kit/action-button";
import { Body, Heading, Small } from "../kit/text";
import { TextEntry } from "../kit/text-entry";
import { shortTime } from "../kit/short-time";

/** Who changed what of a record and when, the last first; and who works with this device. */
export function History({ recordId }: { recordId: string }) {
  const { changes, next, more } = useChanges(recordId);
  const name = useSignature();
  return (
    <View role="region" aria-label="History" gap={8} marginVertical={12}>
      <Heading>History</Heading>
      {changes.map((change) => (
        <View key={change.id} gap={1} paddingBottom={6} borderBottomWidth={1} borderColor="$line">
          <Body>{historyWords(change)}</Body>
          <Small>{[shortTime(change.at), change.who].filter(Boolean).join(" · ")}</Small>
        </View>
      ))}
      {next ? <ActionButton label="Older changes" onPress={more} /> : null}
      <TextEntry
        label={POSITION_SENTENCES.signed}
        value={name}
        placeholder={POSITION_SENTENCES.signHint}
        longest={60}
        onChange={sign}
      />
    </View>
  );
}

/** The same behind a key, where it is seldom asked for. */
export function FoldedHistory({ recordId }: { recordId: string }) {
  const [open, setOpen] = useState(false);
  return open ? (
    <History recordId={recordId} />
  ) : (
    <ActionButton
      label="History"
      says="History: who changed what of it"
      onPress={() => setOpen(true)}
    />
  );
}
