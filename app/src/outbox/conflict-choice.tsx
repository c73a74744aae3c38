import { RECORD_SENTENCES, fieldWords } from "@root-gauge/core/record-words";
import type { PositionInput } from "@root-gauge/contract";
import { meaningWords } from "@root-gauge/core/sheet-words";
import { View } from "@tamagui/core";
import { v4 as uuid } from "uuid";
import { useStoredIdentification, useStoredRepair, useStoredWords } from "../data/queries";
import type { Parcel } from "../data/parcel";
import { useRemarks } from "../data/remark-queries";
import { useStoredPosition } from "../data/position-queries";
import { inputOfPart, inputOfPosition } from "../data/inputs";
import { outbox, saveIdentification, saveRepair } from "../data/saving";
import { useSettings } from "../data/settings";
import { ActionButton } from "../kit/action-button";
import { Body, Label, Small } from "../kit/text";
import { partLines, repairLines } from "./parcel-words";

type PartParcel = Extract<Parcel, { kind: "identification" }>;
type WordParcel = Extract<Parcel, { kind: "word" }>;
type PositionParcel = Extract<Parcel, { kind: "position" }>;
type RemarkParcel = Extract<Parcel, { kind: "remark" }>;
type RepairParcel = Extract<Parcel, { kind: "repair" }>;

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

interface ChoiceProps {
  readonly id: string;
  readonly here: readonly string[];
  readonly there: readonly string[];
  /** The version that the server has. */
  readonly version: number;
  /** Keeps this one as a record of its own, where there may be two. */
  readonly onBoth?: () => void;
}

/** Two versions of one record, and which one is to stay. */
function Choice({ id, here, there, version, onBoth }: ChoiceProps) {
  const keepThis = () => {
    outbox.retry(id, version);
    void outbox.deliver();
  };
  return (
    <View gap={8}>
      <View flexDirection="row" flexWrap="wrap" gap={12}>
        <Lines label="Here" lines={here} />
        <Lines label="On the server" lines={there} />
      </View>
      <View flexDirection="row" flexWrap="wrap" gap={8}>
        <ActionButton flex={1} label="Keep this one" onPress={keepThis} />
        <ActionButton flex={1} label="Keep the server’s" onPress={() => outbox.discard(id)} />
        {onBoth === undefined ? null : (
          <ActionButton
            flex={1}
            label="Keep both"
            says="Keep both: this one as a record of its own"
            onPress={() => {
              onBoth();
              outbox.discard(id);
            }}
          />
        )}
      </View>
    </View>
  );
}

function Fetching({ message }: { message: string | undefined }) {
  return <Body role="status">{message ?? RECORD_SENTENCES.fetchingServers}</Body>;
}

/** Both versions of a part that two devices changed. */
export function PartConflict({ parcel }: { parcel: PartParcel }) {
  const { units } = useSettings();
  const { data: theirs, error } = useStoredIdentification(parcel.id);
  if (theirs === undefined) return <Fetching message={error?.message} />;
  return (
    <Choice
      id={parcel.id}
      here={partLines(parcel.body, units)}
      there={partLines(inputOfPart(theirs), units)}
      version={theirs.version}
      onBoth={() => saveIdentification(uuid(), parcel.body)}
    />
  );
}

/** Both meanings of a word that two devices taught. */
export function WordConflict({ parcel }: { parcel: WordParcel }) {
  const { data, error } = useStoredWords();
  const theirs = data?.words.find(({ id }) => id === parcel.id);
  if (theirs === undefined) return <Fetching message={error?.message} />;
  return (
    <Choice
      id={parcel.id}
      here={[meaningWords(parcel.body.means)]}
      there={[meaningWords(theirs.means)]}
      version={theirs.version}
    />
  );
}

/** A position's fields as they are told apart, in words or figures. */
const positionFields = ({ name, alike, state, spec, notes }: PositionInput) =>
  [
    ["name", name],
    ["alike", String(alike)],
    ["state", state],
    ["spec", spec?.callout ?? ""],
    ["notes", notes],
  ] as const;

/** Both versions of a position that two devices changed: the fields in which they differ. */
export function PositionConflict({ parcel }: { parcel: PositionParcel }) {
  const { data: theirs, error } = useStoredPosition(parcel.id);
  if (theirs === undefined) return <Fetching message={error?.message} />;
  const there = positionFields(inputOfPosition(theirs));
  const here = positionFields(parcel.body);
  const lines = (fields: typeof here) =>
    fields
      .filter((_, at) => here[at]?.[1] !== there[at]?.[1])
      .map(([field, text]) => fieldWords(field, text));
  return <Choice id={parcel.id} here={lines(here)} there={lines(there)} version={theirs.version} />;
}

/** Both versions of a note that two devices changed. */
export function RemarkConflict({ parcel }: { parcel: RemarkParcel }) {
  const { stored, query } = useRemarks(parcel.body.positionId);
  const theirs = stored.find(({ id }) => id === parcel.id);
  if (theirs === undefined) return <Fetching message={query.error?.message} />;
  return (
    <Choice
      id={parcel.id}
      here={[parcel.body.text]}
      there={[theirs.text]}
      version={theirs.version}
    />
  );
}

/** Both versions of a repair that two devices changed. */
export function RepairConflict({ parcel }: { parcel: RepairParcel }) {
  const { data: theirs, error } = useStoredRepair(parcel.id);
  if (theirs === undefined) return <Fetching message={error?.message} />;
  return (
    <Choice
      id={parcel.id}
      here={repairLines(parcel.body.record)}
      there={theirs.record === null ? theirs.unreadable : repairLines(theirs.record)}
      version={theirs.version}
      onBoth={() => saveRepair(uuid(), parcel.body)}
    />
  );
}
