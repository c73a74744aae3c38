import type { Job } from "@root-gauge/contract";
import { JOB_SENTENCES, partsWords } from "@root-gauge/core/job-words";
import { useTheme, View } from "@tamagui/core";
import { useRouter } from "expo-router";
import ChevronRight from "lucide-react-native/icons/chevron-right";
import { FlatList } from "react-native";
import { useJobs, type Kept } from "../data/queries";
import { ActionButton } from "../kit/action-button";
import { ListRow } from "../kit/list-row";
import { Body, Figure, Small } from "../kit/text";
import { PutBackBar } from "../record/put-back-bar";
import { PAGE_WIDTH, PageHead } from "../shell/page";

function JobRow({ job, onPress }: { job: Kept<Job>; onPress: () => void }) {
  const theme = useTheme();
  return (
    <ListRow onPress={onPress}>
      <View flex={1} gap={2}>
        <Figure fontSize="$name" lineHeight="$name">
          {job.name}
        </Figure>
        <Small>{[job.origin, partsWords(job.identifications)].filter(Boolean).join(" · ")}</Small>
        {job.waiting ? <Small>{JOB_SENTENCES.notOnServer}</Small> : null}
      </View>
      <ChevronRight size={20} color={theme.quiet.val} aria-hidden />
    </ListRow>
  );
}

function JobsEmpty({ message }: { message: string | undefined }) {
  const router = useRouter();
  if (message !== undefined) return <Body role="status">{message}</Body>;
  return (
    <View gap={12}>
      <Body>{JOB_SENTENCES.noJob}</Body>
      <ActionButton primary label="Go to the Bench" onPress={() => router.push("/")} />
    </View>
  );
}

/** Machines and jobs, the last touched first. */
export function JobsScreen() {
  const router = useRouter();
  const { jobs, query, more } = useJobs();
  const message = query.isPending ? "Fetching the jobs." : query.error?.message;
  return (
    <View flex={1} render="main">
      <PageHead title="Jobs" />
      <View padding={12} paddingBottom={0} maxWidth={PAGE_WIDTH}>
        <ActionButton label="Order a part" onPress={() => router.push("/fastener")} />
      </View>
      <FlatList
        data={jobs}
        keyExtractor={({ id }) => id}
        onEndReached={more}
        renderItem={({ item }) => (
          <JobRow job={item} onPress={() => router.push(`/jobs/${item.id}`)} />
        )}
        ListEmptyComponent={<JobsEmpty message={message} />}
        contentContainerStyle={{ padding: 12, width: "100%", maxWidth: PAGE_WIDTH }}
      />
      <PutBackBar />
    </View>
  );
}
