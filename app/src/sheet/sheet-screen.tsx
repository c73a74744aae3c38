import type { IdentificationRecord } from "@root-gauge/contract";
import { threadById } from "@root-gauge/core";
import { View } from "@tamagui/core";
import { useRouter } from "expo-router";
import { changeBench, startAnother } from "../data/bench";
import { useIdentification, useJobName, type Kept } from "../data/queries";
import { useSettings } from "../data/settings";
import { ActionButton } from "../kit/action-button";
import { Card } from "../kit/surface";
import { Body, Heading } from "../kit/text";
import { UnitsSwitch } from "../kit/units-switch";
import { PageActions, PageColumns, PageHead } from "../shell/page";
import { CalloutCard } from "./callout-card";
import { Caution } from "./caution";
import { ReadingList } from "./reading-list";
import { threadPath } from "../shell/links";
import { SheetDrawing } from "./sheet-drawing";
import { sheetTitle } from "./sheet-title";
import { ThreadFacts } from "./thread-facts";

function putOnBench(record: IdentificationRecord): void {
  const { id, jobId, position, notes, readings, options, takenAt } = record;
  changeBench({
    type: "put-on-bench",
    part: {
      identificationId: id,
      jobId,
      position,
      notes,
      readings,
      options,
      skipped: [],
      takenAt,
    },
  });
}

function SheetBody({ record }: { record: Kept<IdentificationRecord> }) {
  const router = useRouter();
  const { units } = useSettings();
  const { threadId } = sheetTitle(record.result);
  const thread = threadId === undefined ? undefined : threadById(threadId);
  return (
    <PageColumns
      first={
        <>
          <CalloutCard result={record.result} />
          {record.waiting ? (
            <Body role="status">Kept on this device, not on the server yet.</Body>
          ) : null}
          {thread === undefined ? null : <SheetDrawing thread={thread} units={units} />}
          {record.notes === "" ? null : (
            <Card gap={4}>
              <Heading>Notes</Heading>
              <Body>{record.notes}</Body>
            </Card>
          )}
          <Caution />
        </>
      }
      second={
        <>
          <ReadingList readings={record.readings} units={units} />
          {thread === undefined ? null : (
            <ThreadFacts
              thread={thread}
              units={units}
              onChart={() => router.push(threadPath(thread.id))}
            />
          )}
        </>
      }
    />
  );
}

/** One identification as it was written up; it can be laid on the bench again. */
export function SheetScreen({ id }: { id: string }) {
  const router = useRouter();
  const { record, query } = useIdentification(id);
  const jobName = useJobName(record?.jobId ?? null);
  const title =
    record === undefined ? "Sheet" : [jobName, record.position].filter(Boolean).join(": ");
  return (
    <View flex={1} render="main">
      <PageHead title={title === "" ? "Sheet" : title} backTo="/jobs" aside={<UnitsSwitch />} />
      {record === undefined ? (
        <Body role="status" padding={12}>
          {query.error?.message ?? "Fetching the sheet."}
        </Body>
      ) : (
        <SheetBody record={record} />
      )}
      {record === undefined ? null : (
        <PageActions>
          <View flexDirection="row" gap={8}>
            <ActionButton
              flex={1}
              label="Open on the Bench"
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
