import { RECORD_SENTENCES, fieldWords } from "@root-gauge/core/record-words";
import type { JobInput, MachineInput, OrderInput, PositionInput } from "@root-gauge/contract";
import { meaningWords } from "@root-gauge/core/sheet-words";
import { View } from "@tamagui/core";
import { v4 as uuid } from "uuid";
import { useStoredIdentification, useStoredRepair, useStoredWords } from "../data/queries";
import type { Parcel } from "../data/parcel";
import { useStoredMachine } from "../data/machine-queries";
import { inputOfJob, useJob } from "../data/job-queries";
import { inputOfOrder, useOrder } from "../data/order-queries";
import { useRemarks } from "../data/remark-queries";
import { useStoredPosition } from "../data/position-queries";
import { inputOfMachine, inputOfPart, inputOfPosition } from "../data/inputs";
import { outbox, saveIdentification, saveRepair } from "../data/saving";
import { useSettings } from "../data/settings";
import { ActionButton } from "../kit/action-button";
import { Body, Label, Small } from "../kit/text";
import { partLines, repairLines } from "./parcel-words";

type PartParcel = Extract<Parcel, { kind: "identification" }>;
type WordParcel = Extract<Parcel, { kind: "word" }>;
type PositionParcel = Extract<Parcel, { kind: "position" }>;
type MachineParcel = Extract<Parcel, { kind: "machine" }>;
type JobParcel = Extract<Parcel, { kind: "job" }>;
type OrderParcel = Extract<Parcel, { kind: "order" }>;
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
function PartConflict({ parcel }: { parcel: PartParcel }) {
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
function WordConflict({ parcel }: { parcel: WordParcel }) {
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

/** A field of a record, and what stands in it in words or figures. */
type Told = readonly (readonly [field: string, text: string])[];

/** Those of a record's fields in which another version of it differs, as they are read. */
const differing = (fields: Told, from: Told): readonly string[] =>
  fields
    .filter(([, text], at) => from[at]?.[1] !== text)
    .map(([field, text]) => fieldWords(field, text));

const positionFields = ({ name, alike, state, spec, notes }: PositionInput): Told => [
  ["name", name],
  ["alike", String(alike)],
  ["state", state],
  ["spec", spec?.callout ?? ""],
  ["notes", notes],
];

const machineFields = ({ name, origin, year, stands, notes }: MachineInput): Told => [
  ["name", name],
  ["origin", origin],
  ["year", String(year ?? "")],
  ["stands", stands],
  ["notes", notes],
];

const jobFields = ({ name, due, done, notes, positions }: JobInput): Told => [
  ["name", name],
  ["due", due ?? ""],
  ["done", done ?? ""],
  ["notes", notes],
  ["positions", String(positions.length)],
];

const orderFields = ({ name, notes, lines }: OrderInput): Told => [
  ["name", name],
  ["notes", notes],
  ...lines.map(({ callout, needed, ordered, arrived }) => {
    const state = arrived ? ", arrived" : "";
    return ["lines", `${ordered ?? needed} off ${callout}${state}`] as const;
  }),
];

interface FieldsChoiceProps {
  readonly id: string;
  readonly here: Told;
  /** What the server has; undefined until it has answered. */
  readonly there: { readonly fields: Told; readonly version: number } | undefined;
  readonly problem: string | undefined;
}

/** Both versions of a record: the fields in which they differ. */
function FieldsChoice({ id, here, there, problem }: FieldsChoiceProps) {
  if (there === undefined) return <Fetching message={problem} />;
  return (
    <Choice
      id={id}
      here={differing(here, there.fields)}
      there={differing(there.fields, here)}
      version={there.version}
    />
  );
}

/** Both versions of a position that two devices changed. */
function PositionConflict({ parcel: { id, body } }: { parcel: PositionParcel }) {
  const { data, error } = useStoredPosition(id);
  const there = data && { fields: positionFields(inputOfPosition(data)), version: data.version };
  return (
    <FieldsChoice id={id} here={positionFields(body)} there={there} problem={error?.message} />
  );
}

/** Both versions of a machine that two devices changed. */
function MachineConflict({ parcel: { id, body } }: { parcel: MachineParcel }) {
  const { data, error } = useStoredMachine(id);
  const there = data && { fields: machineFields(inputOfMachine(data)), version: data.version };
  return <FieldsChoice id={id} here={machineFields(body)} there={there} problem={error?.message} />;
}

/** Both versions of a job that two devices changed. */
function JobConflict({ parcel: { id, body } }: { parcel: JobParcel }) {
  const { data, error } = useJob(id).query;
  const there = data && { fields: jobFields(inputOfJob(data)), version: data.version };
  return <FieldsChoice id={id} here={jobFields(body)} there={there} problem={error?.message} />;
}

/** Both versions of an order that two devices changed. */
function OrderConflict({ parcel: { id, body } }: { parcel: OrderParcel }) {
  const { data, error } = useOrder(id).query;
  const there = data && { fields: orderFields(inputOfOrder(data)), version: data.version };
  return <FieldsChoice id={id} here={orderFields(body)} there={there} problem={error?.message} />;
}

/** Both versions of a note that two devices changed. */
function RemarkConflict({ parcel }: { parcel: RemarkParcel }) {
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
function RepairConflict({ parcel }: { parcel: RepairParcel }) {
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

/** Both versions of what two devices changed, and which one is to stay. */
export function Conflict({ parcel }: { parcel: Parcel }) {
  switch (parcel.kind) {
    case "identification":
      return <PartConflict parcel={parcel} />;
    case "position":
      return <PositionConflict parcel={parcel} />;
    case "repair":
      return <RepairConflict parcel={parcel} />;
    case "word":
      return <WordConflict parcel={parcel} />;
    case "remark":
      return <RemarkConflict parcel={parcel} />;
    case "job":
      return <JobConflict parcel={parcel} />;
    case "order":
      return <OrderConflict parcel={parcel} />;
    case "machine":
      return <MachineConflict parcel={parcel} />;
  }
}
