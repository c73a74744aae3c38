import type { Job } from "@root-gauge/contract";
import {
  RECORD_SENTENCES,
  jobTimeWords,
  placesWords,
  stateCountsWords,
} from "@root-gauge/core/say/record";
import { useTheme, View } from "@tamagui/core";
import { useRouter } from "expo-router";
import ChevronRight from "lucide-react-native/icons/chevron-right";
import { useState } from "react";
import { useJobs } from "../../data/record/job-queries";
import type { Kept } from "../../data/outbox/waiting";
import { ActionButton } from "../../kit/action-button";
import { ListRow } from "../../kit/list-row";
import { Body, Figure, Heading, Small } from "../../kit/text";
import { today } from "../../kit/today";

function JobRow({ job }: { job: Kept<Job> }) {
  const router = useRouter();
  const theme = useTheme();
  const time = jobTimeWords(job, today());
  const late = job.done === null && job.due !== null && job.due < today();
  const states = stateCountsWords(job.states);
  return (
    <ListRow onPress={() => router.push(`/job/${job.id}`)}>
      <View flex={1} gap={2}>
        <Figure fontSize="$name" lineHeight="$name">
          {job.name}
        </Figure>
        <Small color={late ? "$clash" : "$quiet"}>
          {[time, ...job.machines].filter(Boolean).join(" · ")}
        </Small>
        <Body>{states === "" ? placesWords(job.positions.length) : states}</Body>
        {job.waiting ? <Small>{RECORD_SENTENCES.notOnServer}</Small> : null}
      </View>
      <ChevronRight size={20} color={theme.quiet.val} aria-hidden />
    </ListRow>
  );
}

/** The jobs in hand, the soonest due first; those that are done behind a touch. */
export function OpenJobs() {
  const { jobs, query, more } = useJobs();
  const [all, setAll] = useState(false);
  const done = jobs.filter((job) => job.done !== null);
  const shown = all ? jobs : jobs.filter((job) => job.done === null);
  if (jobs.length === 0) return null;
  return (
    <View role="region" aria-label="Jobs in hand" marginBottom={8}>
      <Heading marginBottom={8}>Jobs in hand</Heading>
      {shown.map((job) => (
        <JobRow key={job.id} job={job} />
      ))}
      {done.length === 0 ? null : (
        <ActionButton
          label={all ? "Leave out those done" : `Those done (${done.length})`}
          onPress={() => setAll(!all)}
        />
      )}
      {all && query.hasNextPage ? <ActionButton label="Older jobs" onPress={more} /> : null}
      <Heading marginTop={12}>Machines</Heading>
    </View>
  );
}
