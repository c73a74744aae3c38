import { jobInputSchema } from "@root-gauge/contract";
import { SHEET_SENTENCES } from "@root-gauge/core/sheet-words";
import { View } from "@tamagui/core";
import { useState } from "react";
import { v4 as uuid } from "uuid";
import type { DraftField } from "../data/draft-fields";
import { useDraft, writeDraft } from "../data/drafts";
import { useJobs } from "../data/queries";
import { saveJob } from "../data/saving";
import { ActionButton } from "../kit/action-button";
import { Pressable } from "../kit/pressable";
import { Radio, RadioGroup } from "../kit/radio-group";
import { Card } from "../kit/surface";
import { Body, Figure, Heading, Small } from "../kit/text";
import { TextEntry } from "../kit/text-entry";

const NAME = "job.name";
const ORIGIN = "job.origin";
const LONGEST = 120;

function NewJob({ onAdded }: { onAdded: (jobId: string) => void }) {
  const typedName = useDraft(NAME) ?? "";
  const typedOrigin = useDraft(ORIGIN) ?? "";
  const [problem, setProblem] = useState<string>();
  const write = (field: DraftField) => (text: string) => {
    setProblem(undefined);
    writeDraft(field, text);
  };
  const add = () => {
    const read = jobInputSchema.safeParse({
      name: typedName,
      origin: typedOrigin,
    });
    if (!read.success) {
      setProblem(SHEET_SENTENCES.nameJob);
      return;
    }
    const id = uuid();
    saveJob(id, read.data);
    write(NAME)("");
    write(ORIGIN)("");
    onAdded(id);
  };
  return (
    <View gap={8}>
      <TextEntry
        label="Machine or job"
        value={typedName}
        longest={LONGEST}
        problem={problem}
        onChange={write(NAME)}
        onSubmit={add}
      />
      <TextEntry
        label="From where and when, if known"
        value={typedOrigin}
        longest={LONGEST}
        onChange={write(ORIGIN)}
        onSubmit={add}
      />
      <ActionButton label="Add this job" onPress={add} />
    </View>
  );
}

/** Which job the part belongs to: one of those there are, or a new one. */
export function JobPicker({
  jobId,
  onChoose,
}: {
  jobId: string | null;
  onChoose: (jobId: string) => void;
}) {
  const { jobs, query, more } = useJobs();
  const [adding, setAdding] = useState(false);
  const none = jobs.length === 0 && !query.isPending;
  return (
    <Card gap={8}>
      <Heading>Job</Heading>
      {query.isError && jobs.length === 0 ? <Body>{SHEET_SENTENCES.jobsAway}</Body> : null}
      <RadioGroup name="Job" value={jobId} onChoose={onChoose} gap={6}>
        {jobs.map((job) => {
          const chosen = job.id === jobId;
          return (
            <Radio key={job.id} value={job.id}>
              <Pressable
                paddingHorizontal={12}
                paddingVertical={6}
                borderWidth={chosen ? 2 : 1}
                borderColor={chosen ? "$edge" : "$line"}
                backgroundColor={chosen ? "$plate" : "$card"}
              >
                <Figure>{chosen ? `${job.name}  ✓` : job.name}</Figure>
                <Small>{job.origin}</Small>
              </Pressable>
            </Radio>
          );
        })}
      </RadioGroup>
      {query.hasNextPage ? <ActionButton label="More jobs" onPress={more} /> : null}
      {adding || none ? (
        <NewJob
          onAdded={(id) => {
            setAdding(false);
            onChoose(id);
          }}
        />
      ) : (
        <ActionButton label="Another job" onPress={() => setAdding(true)} />
      )}
    </Card>
  );
}
