import type { JobPlace, WholeJob } from "@root-gauge/contract";
import {
  JOB_SENTENCES,
  RECORD_SENTENCES,
  alikeWords,
  jobTimeWords,
  stateCountsWords,
} from "@root-gauge/core/say/record";
import { View } from "@tamagui/core";
import { useRouter } from "expo-router";
import { ScrollView } from "react-native";
import { changeJob, useJob } from "../../data/record/job-queries";
import { ActionButton } from "../../kit/action-button";
import { ListRow } from "../../kit/list-row";
import { Body, Figure, Heading, Small } from "../../kit/text";
import type { Kept } from "../../data/outbox/waiting";
import { StateMark } from "../positions/state-mark";
import { EditAside } from "../../edit/edit-aside";
import { EditJob } from "./edit-job";
import { GoneNote } from "../../edit/gone-note";
import { PutBackBar } from "../../edit/put-back-bar";
import { useEdit } from "../../edit/use-edit";
import { PAGE_WIDTH, PageActions, PageHead } from "../../shell/page";
import { AddPlaces } from "./add-places";
import { today } from "../../kit/today";

type ShownJob = Kept<WholeJob>;

function PlaceRow({ place, onTakeOff }: { place: JobPlace; onTakeOff: (() => void) | undefined }) {
  const router = useRouter();
  const { id, path, holds, alike, state } = place;
  return (
    <>
      <ListRow onPress={() => router.push(`/position/${id}`)}>
        <View flex={1} minWidth={0} gap={2}>
          <Figure>{path}</Figure>
          <Body>{[holds, alikeWords(alike)].filter(Boolean).join(" · ")}</Body>
        </View>
        <StateMark state={state} />
      </ListRow>
      {onTakeOff === undefined ? null : (
        <View marginBottom={8}>
          <ActionButton
            label="Take off the job"
            says={`Take off the job: ${path}`}
            onPress={onTakeOff}
          />
        </View>
      )}
    </>
  );
}

/** What is worked at, machine by machine in the job's own order. */
function Places({ job, editing }: { job: ShownJob; editing: boolean }) {
  const machines = [...new Set(job.places.map(({ machine }) => machine))];
  const takeOff = (id: string) =>
    changeJob(job, ({ positions }) => ({ positions: positions.filter((one) => one !== id) }));
  return (
    <>
      {machines.map((machine) => (
        <View key={machine} role="region" aria-label={machine} marginTop={8}>
          <Heading marginBottom={8}>{machine}</Heading>
          {job.places
            .filter((place) => place.machine === machine)
            .map((place) => (
              <PlaceRow
                key={place.id}
                place={place}
                onTakeOff={editing ? () => takeOff(place.id) : undefined}
              />
            ))}
        </View>
      ))}
      {job.places.length < job.positions.length ? <Small>{JOB_SENTENCES.placesWait}</Small> : null}
    </>
  );
}

function About({ job }: { job: ShownJob }) {
  const states = stateCountsWords(job.states);
  return (
    <View gap={2} marginBottom={8}>
      {job.removed ? (
        <GoneNote
          says={JOB_SENTENCES.gone}
          name={job.name}
          onPutBack={() => changeJob(job, { removed: false })}
        />
      ) : null}
      {job.waiting ? <Small>{RECORD_SENTENCES.notOnServer}</Small> : null}
      <Body color="$quiet">{jobTimeWords(job, today())}</Body>
      {states === "" ? null : <Body>{states}</Body>}
      {job.notes === "" ? null : <Body>{job.notes}</Body>}
    </View>
  );
}

function JobBody({ job }: { job: ShownJob }) {
  const router = useRouter();
  const { editing, leave } = useEdit(job.id);
  const isDone = job.done !== null;
  return (
    <>
      <ScrollView tabIndex={0}>
        <View padding={12} width="100%" maxWidth={PAGE_WIDTH}>
          {editing ? (
            <EditJob
              job={job}
              onDone={leave}
              onRemoved={() => {
                leave();
                router.replace("/jobs");
              }}
            />
          ) : (
            <About job={job} />
          )}
          <AddPlaces job={job} />
          {job.positions.length === 0 ? <Body marginTop={12}>{JOB_SENTENCES.noPlace}</Body> : null}
          <Places job={job} editing={editing} />
        </View>
      </ScrollView>
      <PageActions>
        <View flexDirection="row" gap={8}>
          <ActionButton
            flex={1}
            label="Order list"
            says={`Order list of ${job.name}`}
            onPress={() => router.push(`/order?job=${job.id}`)}
          />
          <ActionButton
            flex={1}
            primary={!isDone}
            label={isDone ? "Open again" : "Done"}
            says={isDone ? `Open again: ${job.name}` : `Done: ${job.name}`}
            onPress={() => changeJob(job, { done: isDone ? null : today() })}
          />
        </View>
      </PageActions>
    </>
  );
}

/** A job: when it is due, what is worked at and how each place stands. */
export function JobScreen({ id }: { id: string }) {
  const { job, query } = useJob(id);
  const { editing, begin } = useEdit(id);
  return (
    <View flex={1} render="main">
      <PageHead
        title={job?.name ?? "Job"}
        backTo="/jobs"
        aside={<EditAside editable={job !== undefined && !editing} onEdit={begin} units={false} />}
      />
      {job === undefined ? (
        <Body role="status" padding={12}>
          {query.error?.message ?? "Fetching the job."}
        </Body>
      ) : (
        <JobBody job={job} />
      )}
      <PutBackBar />
    </View>
  );
}
