import type { IdentificationRecord } from "@root-gauge/contract";
import { USUAL_CIRCUMSTANCES } from "@root-gauge/core/catalogue/circumstances";
import { formatCallout, type ScrewSpec } from "@root-gauge/core/callout";
import { RECORD_SENTENCES } from "@root-gauge/core/say/record";
import { favouredThread, screwThatGoesIn } from "@root-gauge/core/decide/sheet";
import { partTitleWords, SHEET_SENTENCES } from "@root-gauge/core/say/sheet";
import { View } from "@tamagui/core";
import { useRouter } from "expo-router";
import { useMemo, useState, type ReactNode } from "react";
import { changeBench, startAnother } from "../../data/drafts/bench";
import { useIdentification } from "../../data/record/queries";
import { useMachineName } from "../../data/record/machine-queries";
import type { Kept } from "../../data/outbox/waiting";
import { useSettings } from "../../data/kept/settings";
import { ActionButton } from "../../kit/action-button";
import { Card } from "../../kit/surface";
import { Body, Heading, Small } from "../../kit/text";
import { threadPath } from "../../shell/links";
import { EditAside } from "../../edit/edit-aside";
import { inputOfPart } from "../../data/record/inputs";
import { EditPart } from "./edit-part";
import { useEdit } from "../../edit/use-edit";
import { PageActions, PageColumns, PageHead } from "../../shell/page";
import { CalloutCard } from "./callout-card";
import { enterMend } from "../../shared/enter-mend";
import { ThreadCaution } from "../../kit/thread-caution";
import { FastenerSheetView } from "./fastener-sheet-view";
import { ReadingList } from "./reading-list";
import { sheetPath } from "../../shell/sheet-address";
import { SheetDrawing } from "./sheet-drawing";
import { ThreadFacts } from "./thread-facts";

function putOnBench(record: IdentificationRecord): void {
  const { id: identificationId, version: saw } = record;
  const part = { ...inputOfPart(record), identificationId, skipped: [], saw };
  changeBench({ type: "put-on-bench", part });
}

/** Lays what was named here in Mend, with its machine and its place. */
function mendPart(record: IdentificationRecord): void {
  const { machineId, position, result } = record;
  const positionId = record.positionId ?? undefined;
  const spec = screwThatGoesIn(record);
  const thread = favouredThread(result) ?? spec?.thread;
  enterMend({ thread, machineId, position, positionId, gradeId: spec?.gradeId });
}

interface SheetBodyProps {
  readonly record: Kept<IdentificationRecord>;
  readonly title: string;
  /** The card in which it is being changed, while it is. */
  readonly edit: ReactNode;
  readonly onEdit: () => void;
}

/** What is known of the part that came out. */
function CameOut({ record }: Pick<SheetBodyProps, "record">) {
  const router = useRouter();
  const { units } = useSettings();
  const thread = favouredThread(record.result);
  return (
    <>
      {record.notes === "" ? null : (
        <Card gap={4}>
          <Heading>Notes</Heading>
          <Body>{record.notes}</Body>
        </Card>
      )}
      {record.readings.length === 0 ? null : (
        <ReadingList readings={record.readings} units={units} />
      )}
      {record.unreadable.length === 0 ? null : (
        <Card gap={4} borderColor="$clash">
          <Heading>Cannot be read any more</Heading>
          <Body>{SHEET_SENTENCES.olderRule}</Body>
          {record.unreadable.map((text, at) => (
            <Small key={at} userSelect="text">
              {text}
            </Small>
          ))}
        </Card>
      )}
      {thread === undefined ? null : (
        <ThreadFacts
          thread={thread}
          units={units}
          onChart={() => router.push(threadPath(thread.id))}
        />
      )}
    </>
  );
}

function Waiting({ record }: Pick<SheetBodyProps, "record">) {
  return record.waiting ? <Body role="status">{RECORD_SENTENCES.notOnServer}</Body> : null;
}

/** The sheet of a part that no screw is asked for in the place of: a nut, a fitting, or one not known yet. */
function PlainBody({ record, edit }: Pick<SheetBodyProps, "record" | "edit">) {
  const { units } = useSettings();
  const thread = favouredThread(record.result);
  return (
    <PageColumns
      first={
        <>
          <CalloutCard part={record} />
          <Waiting record={record} />
          {edit}
          {thread === undefined ? null : <SheetDrawing thread={thread} units={units} />}
          <ThreadCaution />
        </>
      }
      second={<CameOut record={record} />}
    />
  );
}

/** The sheet of a screw: what goes in, and beneath it what came out. */
function ScrewBody({ record, title, spec, edit, onEdit }: SheetBodyProps & { spec: ScrewSpec }) {
  const router = useRouter();
  const { units } = useSettings();
  const { replacement, id, readings } = record;
  const stored = replacement?.circumstances ?? USUAL_CIRCUMSTANCES;
  const [surface, setSurface] = useState(stored.surface);
  const circumstances = useMemo(() => ({ ...stored, surface }), [stored, surface]);
  const [read, setRead] = useState(false);
  const open = (other: ScrewSpec) =>
    router.push(sheetPath(formatCallout(other), circumstances, id));
  return (
    <FastenerSheetView
      spec={spec}
      circumstances={circumstances}
      units={units}
      acknowledged={read || (replacement !== null && replacement.acknowledgedAt !== null)}
      onAcknowledge={() => setRead(true)}
      onOpen={open}
      onSurface={setSurface}
      title={title}
      before={
        <>
          <Waiting record={record} />
          {edit ?? (
            <View data-print="no">
              <ActionButton label="Change what goes in" onPress={onEdit} />
            </View>
          )}
        </>
      }
      after={
        <>
          {readings.length === 0 ? null : <CalloutCard part={record} />}
          <CameOut record={record} />
        </>
      }
    />
  );
}

function SheetBody(props: SheetBodyProps) {
  const spec = screwThatGoesIn(props.record);
  return spec === undefined ? <PlainBody {...props} /> : <ScrewBody {...props} spec={spec} />;
}

/** What it is, in the words of its row in the machine. */
function partName(record: IdentificationRecord): string {
  const { result, replacement, readings } = record;
  const named = partTitleWords(record, favouredThread(result)).title;
  return readings.length === 0 ? (replacement?.callout ?? named) : named;
}

/** One identification as it was written up; it can be laid on the bench again. */
export function SheetScreen({ id }: { id: string }) {
  const router = useRouter();
  const { record, query } = useIdentification(id);
  const machineName = useMachineName(record?.machineId ?? null);
  const { editing, begin, leave } = useEdit(id);
  const title =
    record === undefined ? "Sheet" : [machineName, record.position].filter(Boolean).join(": ");
  return (
    <View flex={1} render="main">
      <PageHead
        title={title === "" ? "Sheet" : title}
        backTo="/jobs"
        aside={<EditAside editable={record !== undefined && !editing} onEdit={begin} />}
      />
      {record === undefined ? (
        <Body role="status" padding={12}>
          {query.error?.message ?? "Fetching the sheet."}
        </Body>
      ) : (
        <SheetBody
          record={record}
          title={title}
          onEdit={begin}
          edit={
            editing ? (
              <EditPart
                record={record}
                name={[partName(record), record.position].filter(Boolean).join(", ")}
                onDone={leave}
                onRemoved={() => {
                  leave();
                  router.replace(`/machine/${record.machineId}`);
                }}
              />
            ) : null
          }
        />
      )}
      {record === undefined ? null : (
        <PageActions>
          <View flexDirection="row" flexWrap="wrap" gap={8}>
            <ActionButton
              flex={1}
              label="Mend it"
              says="Mend it: its thread or its hole"
              onPress={() => {
                mendPart(record);
                router.push("/mend");
              }}
            />
            <ActionButton
              flex={1}
              label="On the Bench"
              says="Open on the Bench"
              onPress={() => {
                putOnBench(record);
                router.push("/");
              }}
            />
            <ActionButton
              flex={1}
              primary
              label="Start another"
              onPress={() => {
                startAnother();
                router.push("/");
              }}
            />
          </View>
        </PageActions>
      )}
    </View>
  );
}
