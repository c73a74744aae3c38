import type { IdentificationRecord } from "@root-gauge/contract";
import { readingWords, type Units } from "@root-gauge/core";
import { JOB_SENTENCES } from "@root-gauge/core/job-words";
import { partTitleWords } from "@root-gauge/core/sheet-words";
import { View } from "@tamagui/core";
import { useRouter } from "expo-router";
import { FlatList } from "react-native";
import { useJob, useRepairs, type Kept } from "../data/queries";
import { useSettings } from "../data/settings";
import { ActionButton } from "../kit/action-button";
import { ListRow } from "../kit/list-row";
import { Body, Figure, Heading, Small } from "../kit/text";
import { VerdictMark } from "../kit/verdict-mark";
import { PAGE_WIDTH, PageHead } from "../shell/page";
import { EditAside } from "../record/edit-aside";
import { EditJob } from "../record/edit-job";
import { PutBackBar } from "../record/put-back-bar";
import { useEdit } from "../record/use-edit";
import { RepairRow } from "./repair-row";
import { favouredThread } from "@root-gauge/core/sheet";

interface PartRowProps {
  readonly record: Kept<IdentificationRecord>;
  readonly units: Units;
  readonly onPress: () => void;
}

function PartRow({ record, units, onPress }: PartRowProps) {
  const { title, subtitle, verdict } = partTitleWords(record.result, favouredThread(record.result));
  const readings = record.readings.map((reading) => {
    const { label, figure } = readingWords(reading, units);
    return `${label} ${figure}`;
  });
  const goesIn = record.replacement?.callout;
  // Specified without a sample: there is nothing to be sure of.
  const sampled = record.readings.length > 0;
  return (
    <ListRow onPress={onPress}>
      {sampled ? (
        <View alignSelf="flex-start" paddingTop={3}>
          <VerdictMark verdict={verdict} />
        </View>
      ) : null}
      <View flex={1} gap={2}>
        <Figure fontSize="$heading" lineHeight="$heading">
          {sampled ? title : (goesIn ?? title)}
        </Figure>
        {sampled && goesIn !== undefined ? <Figure>{`Goes in: ${goesIn}`}</Figure> : null}
        <Body>{record.position === "" ? "Place not named" : record.position}</Body>
        <Small>
          {sampled ? [subtitle, ...readings].join(" · ") : "Specified without a sample"}
        </Small>
        {record.unreadable.length === 0 ? null : (
          <Small color="$clash">Part of it cannot be read any more</Small>
        )}
        {record.waiting ? <Small>{JOB_SENTENCES.notOnServer}</Small> : null}
      </View>
    </ListRow>
  );
}

/** What was mended on the job. */
function Repairs({ jobId }: { jobId: string }) {
  const router = useRouter();
  const { repairs, next, more } = useRepairs(jobId);
  if (repairs.length === 0) return null;
  return (
    <View role="region" aria-label="Repairs" marginBottom={12}>
      <Heading>Repairs</Heading>
      {repairs.map((repair) => (
        <RepairRow
          key={repair.id}
          repair={repair}
          onPress={() => router.push(`/repair/${repair.id}`)}
        />
      ))}
      {next ? <ActionButton label="More repairs" onPress={more} /> : null}
    </View>
  );
}

/** A job: what was found on it, the last taken first. */
export function JobScreen({ id }: { id: string }) {
  const router = useRouter();
  const { units } = useSettings();
  const { job, identifications, query, more } = useJob(id);
  const { editing, begin, leave } = useEdit(id);
  const empty =
    job === undefined ? (query.error?.message ?? "Fetching the job.") : JOB_SENTENCES.emptyJob;
  return (
    <View flex={1} render="main">
      <PageHead
        title={job?.name ?? "Job"}
        backTo="/jobs"
        aside={<EditAside editable={job !== undefined && !editing} onEdit={begin} />}
      />
      <FlatList
        data={identifications}
        keyExtractor={(record) => record.id}
        onEndReached={more}
        renderItem={({ item }) => (
          <PartRow record={item} units={units} onPress={() => router.push(`/sheet/${item.id}`)} />
        )}
        ListHeaderComponent={
          <>
            {job !== undefined && editing ? (
              <EditJob
                job={job}
                onDone={leave}
                onRemoved={() => {
                  leave();
                  router.replace("/jobs");
                }}
              />
            ) : null}
            {job?.removed ? <Body role="status">{JOB_SENTENCES.removed}</Body> : null}
            {job?.origin && !editing ? (
              <Body color="$quiet" marginBottom={8}>
                {job.origin}
              </Body>
            ) : null}
            <Repairs jobId={id} />
          </>
        }
        ListEmptyComponent={<Body role="status">{empty}</Body>}
        contentContainerStyle={{ padding: 12, width: "100%", maxWidth: PAGE_WIDTH }}
      />
      <PutBackBar />
    </View>
  );
}
