import { RECORD_SENTENCES, fieldWords } from "@root-gauge/core/say/record";
import { useQuery } from "@tanstack/react-query";
import { View } from "@tamagui/core";
import { v4 as uuid } from "uuid";
import { useMachineName } from "../../data/record/machine-queries";
import type { RecordParcel } from "../../data/outbox/parcel";
import { usePosition } from "../../data/record/position-queries";
import { QUERY_KEYS } from "../../data/outbox/query-keys";
import { outbox, saveIdentification, saveRepair } from "../../data/outbox/saving";
import { useSettings } from "../../data/kept/settings";
import { ActionButton } from "../../kit/action-button";
import { Body, Label, Small } from "../../kit/text";
import { storedOf } from "../../edit/stored-record";
import { differing, toldFields, type Told } from "../../edit/told-fields";

function PlaceLine({ told }: { told: Told }) {
  const { position } = usePosition(told.text);
  return <Small color="$ink">{fieldWords(told.called, position?.path ?? "")}</Small>;
}

function MachineLine({ told }: { told: Told }) {
  return <Small color="$ink">{fieldWords(told.called, useMachineName(told.text) ?? "")}</Small>;
}

/** A field and what stands in it; of what stands elsewhere, its name there. */
function FieldLine({ told }: { told: Told }) {
  if (told.names === "place" && told.text !== "") return <PlaceLine told={told} />;
  if (told.names === "machine") return <MachineLine told={told} />;
  return <Small color="$ink">{fieldWords(told.called, told.text)}</Small>;
}

function Lines({ label, lines }: { label: string; lines: readonly Told[] }) {
  return (
    <View flex={1} minWidth={200} gap={2}>
      <Label>{label}</Label>
      {lines.map((told) => (
        <FieldLine key={`${told.called} ${told.text}`} told={told} />
      ))}
    </View>
  );
}

/** One that may stand beside the other as a record of its own. */
function keepBoth(parcel: RecordParcel): (() => void) | undefined {
  switch (parcel.kind) {
    case "identification":
      return () => saveIdentification(uuid(), parcel.body);
    case "repair":
      return () => saveRepair(uuid(), parcel.body);
    default:
      return undefined;
  }
}

/** Both versions of what two devices changed, by the fields in which they differ, and which one is to stay. */
export function Conflict({ parcel }: { parcel: RecordParcel }) {
  const { id, kind, body } = parcel;
  const { units } = useSettings();
  const { data: stored, error } = useQuery({
    queryKey: QUERY_KEYS.stored(kind, id),
    queryFn: () => storedOf(kind, id),
  });
  if (stored === undefined) {
    return <Body role="status">{error?.message ?? RECORD_SENTENCES.fetchingServers}</Body>;
  }
  const here = toldFields(kind, body, units);
  const there = toldFields(kind, stored.fields, units);
  const keepThis = () => {
    outbox.retry(id, stored.version);
    void outbox.deliver();
  };
  const both = keepBoth(parcel);
  return (
    <View gap={8}>
      <View flexDirection="row" flexWrap="wrap" gap={12}>
        <Lines label="Here" lines={differing(here, there)} />
        <Lines label="On the server" lines={differing(there, here)} />
      </View>
      <View flexDirection="row" flexWrap="wrap" gap={8}>
        <ActionButton flex={1} label="Keep this one" onPress={keepThis} />
        <ActionButton flex={1} label="Keep the server’s" onPress={() => outbox.discard(id)} />
        {both === undefined ? null : (
          <ActionButton
            flex={1}
            label="Keep both"
            says="Keep both: this one as a record of its own"
            onPress={() => {
              both();
              outbox.discard(id);
            }}
          />
        )}
      </View>
    </View>
  );
}
