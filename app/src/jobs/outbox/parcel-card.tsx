import { LONGEST } from "@root-gauge/core/record";
import { machineInputSchema } from "@root-gauge/contract";
import { damageFrom } from "@root-gauge/core/mend/repair";
import { useMutation } from "@tanstack/react-query";
import { View } from "@tamagui/core";
import { useRouter } from "expo-router";
import { memo, useState } from "react";
import { api } from "../../data/server/api";
import { changeBench } from "../../data/drafts/bench";
import { dropPicture } from "../../data/kept/kept-pictures";
import type { MergeParcel, Parcel } from "../../data/outbox/parcel";
import { mergePositions, outbox, saveMachine } from "../../data/outbox/saving";
import { useSettings } from "../../data/kept/settings";
import { ActionButton } from "../../kit/action-button";
import { Card } from "../../kit/surface";
import { Body, Heading, Small } from "../../kit/text";
import { TextEntry } from "../../kit/text-entry";
import { repairToBe } from "../../data/outbox/record-to-be";
import { reopen } from "../../mend/plan/reopen";
import { Conflict } from "./conflict-choice";
import { parcelTitle, whatWaits, whyWaiting } from "../../edit/parcel-words";

/** A machine's name, put right and sent again with all else that was said of it. */
function MendMachine({ parcel }: { parcel: Extract<Parcel, { kind: "machine" }> }) {
  const { id, body, saw } = parcel;
  const [name, setName] = useState(body.name);
  const read = machineInputSchema.safeParse({ ...body, name });
  return (
    <View gap={8}>
      <TextEntry label="Machine" value={name} longest={LONGEST.name} onChange={setName} />
      <ActionButton
        label="Save it under this name"
        onPress={() => read.success && saveMachine(id, read.data, saw, ["name"])}
      />
    </View>
  );
}

/** Puts the part on the Bench as it is kept here; undo brings back what lay there. */
function useMendPart(): (parcel: Extract<Parcel, { kind: "identification" }>) => void {
  const router = useRouter();
  return ({ id, body, saw }) => {
    changeBench({
      type: "put-on-bench",
      part: { ...body, identificationId: id, skipped: [], saw },
    });
    router.push("/write-up");
  };
}

/** Lays a repair that waits in Mend again, where it can be put right. */
function useOpenRepair(): (parcel: Extract<Parcel, { kind: "repair" }>) => void {
  const router = useRouter();
  return (parcel) => {
    const damage = damageFrom(parcel.body.record.damage);
    if (damage !== undefined) reopen(repairToBe(parcel), parcel.body.record, damage);
    router.push("/mend");
  };
}

/** Two places of which one was changed elsewhere since they were looked at, made one as they stand now. */
function MergeAsTheyStand({ parcel }: { parcel: MergeParcel }) {
  const { id, body } = parcel;
  const { mutate, isPending, error } = useMutation({
    mutationFn: async () => {
      const [from, into] = await Promise.all([api.position(body.from), api.position(body.into)]);
      outbox.discard(id);
      mergePositions({ ...body, intoSaw: into.version }, from.version);
    },
    networkMode: "always",
  });
  return (
    <View gap={8}>
      {error === null ? null : (
        <Body role="alert" color="$clash">
          {error.message}
        </Body>
      )}
      <ActionButton
        disabled={isPending}
        label="Make them one as they stand now"
        onPress={() => mutate()}
      />
    </View>
  );
}

/** What stands against a parcel that another device was before. */
function Clash({ parcel }: { parcel: Parcel }) {
  return parcel.kind === "merge" ? (
    <MergeAsTheyStand parcel={parcel} />
  ) : (
    <Conflict parcel={parcel} />
  );
}

/** Throwing away asks once more: it cannot be undone. */
function Discard({ id, name }: { id: string; name: string }) {
  const [sure, setSure] = useState(false);
  return (
    <ActionButton
      flex={1}
      label={sure ? "Yes, throw it away" : "Throw away"}
      says={sure ? `Yes, throw away ${name}` : `Throw away ${name}`}
      onPress={() => {
        if (!sure) return setSure(true);
        void dropPicture(id);
        return outbox.discard(id);
      }}
    />
  );
}

/** One save that waits: what it is, why it waits, and what can be done with it. */
export const ParcelCard = memo(function ParcelCard({
  parcel,
  waitsForOther,
}: {
  parcel: Parcel;
  /** Whether it waits for its machine or its place. */
  waitsForOther: boolean;
}) {
  const { units } = useSettings();
  const mendPart = useMendPart();
  const openRepair = useOpenRepair();
  const name = parcelTitle(parcel);
  const retry = () => {
    outbox.retry(parcel.id);
    void outbox.deliver();
  };
  return (
    <Card gap={8} {...(parcel.trouble === undefined ? {} : { borderColor: "$clash" })}>
      <Heading>{name}</Heading>
      <Body color={parcel.trouble === undefined ? "$quiet" : "$clash"}>
        {whyWaiting(parcel, waitsForOther)}
      </Body>
      {parcel.trouble?.kind === "conflict" ? (
        <Clash parcel={parcel} />
      ) : (
        whatWaits(parcel, units).map((line) => <Small key={line}>{line}</Small>)
      )}
      {parcel.kind === "machine" && parcel.trouble?.kind === "refused" ? (
        <MendMachine parcel={parcel} />
      ) : null}
      <View flexDirection="row" flexWrap="wrap" gap={8}>
        {parcel.trouble?.kind === "conflict" ? null : (
          <ActionButton flex={1} label="Send again" says={`Send again: ${name}`} onPress={retry} />
        )}
        {parcel.kind === "identification" ? (
          <ActionButton
            flex={1}
            label="Mend it"
            says={`Mend ${name} on the Bench`}
            onPress={() => mendPart(parcel)}
          />
        ) : null}
        {parcel.kind === "repair" ? (
          <ActionButton
            flex={1}
            label="Open in Mend"
            says={`Open in Mend: ${name}`}
            onPress={() => openRepair(parcel)}
          />
        ) : null}
        <Discard id={parcel.id} name={name} />
      </View>
    </Card>
  );
});
