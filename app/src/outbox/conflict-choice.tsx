import { JOB_SENTENCES } from "@root-gauge/core/job-words";
import { View } from "@tamagui/core";
import { v4 as uuid } from "uuid";
import { useStoredIdentification } from "../data/queries";
import type { Parcel } from "../data/parcel";
import { outbox, saveIdentification } from "../data/saving";
import { useSettings } from "../data/settings";
import { ActionButton } from "../kit/action-button";
import { Body, Label, Small } from "../kit/text";
import { partLines } from "./parcel-words";

type PartParcel = Extract<Parcel, { kind: "identification" }>;

function Lines({ label, lines }: { label: string; lines: readonly string[] }) {
  return (
    <View flex={1} minWidth={200} gap={2}>
      <Label>{label}</Label>
      {lines.map((line) => (
        <Small key={line} color="$ink">
          {line}
        </Small>
      ))}
    </View>
  );
}

/** Both versions of a part that two devices changed, and which one is to stay. */
export function ConflictChoice({ parcel }: { parcel: PartParcel }) {
  const { units } = useSettings();
  const { data: theirs, error } = useStoredIdentification(parcel.id);
  if (theirs === undefined) {
    return <Body role="status">{error?.message ?? JOB_SENTENCES.fetchingServers}</Body>;
  }
  const send = (saw?: number) => {
    outbox.retry(parcel.id, saw);
    void outbox.deliver();
  };
  return (
    <View gap={8}>
      <View flexDirection="row" flexWrap="wrap" gap={12}>
        <Lines label="Here" lines={partLines(parcel.body, units)} />
        <Lines label="On the server" lines={partLines(theirs, units)} />
      </View>
      <View flexDirection="row" flexWrap="wrap" gap={8}>
        <ActionButton flex={1} label="Keep this one" onPress={() => send(theirs.version)} />
        <ActionButton
          flex={1}
          label="Keep the server’s"
          onPress={() => outbox.discard(parcel.id)}
        />
        <ActionButton
          flex={1}
          label="Keep both"
          says="Keep both: this one as a part of its own"
          onPress={() => {
            saveIdentification(uuid(), parcel.body);
            outbox.discard(parcel.id);
          }}
        />
      </View>
    </View>
  );
}
