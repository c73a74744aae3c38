import { jobInputSchema, type Job } from "@root-gauge/contract";
import { JOB_SENTENCES } from "@root-gauge/core/job-words";
import { useState } from "react";
import { useDraft, writeDraft } from "../data/drafts";
import { inputOfJob } from "../data/inputs";
import { remove } from "../data/removal";
import { saveJob } from "../data/saving";
import { Card } from "../kit/surface";
import { Heading } from "../kit/text";
import { TextEntry } from "../kit/text-entry";
import { EditButtons } from "./edit-buttons";

interface EditJobProps {
  readonly job: Job;
  readonly onDone: () => void;
  readonly onRemoved: () => void;
}

/** A job's name and where it is from, to be changed; or the job taken out. */
export function EditJob({ job, onDone, onRemoved }: EditJobProps) {
  const name = useDraft("edit.name") ?? job.name;
  const origin = useDraft("edit.origin") ?? job.origin;
  const [problem, setProblem] = useState<string>();
  const save = () => {
    const read = jobInputSchema.safeParse({ name, origin });
    if (!read.success) return setProblem(JOB_SENTENCES.nameJob);
    saveJob(job.id, read.data, job.version);
    return onDone();
  };
  const takeOut = () => {
    const { id, version } = job;
    const body = inputOfJob(job);
    remove(job.name, { kind: "job", id, body, saw: version, queuedAt: Date.now() });
    onRemoved();
  };
  return (
    <Card gap={8} marginBottom={12} role="region" aria-label="Change the job">
      <Heading>Change the job</Heading>
      <TextEntry
        label="Its name"
        value={name}
        longest={120}
        problem={problem}
        onChange={(text) => writeDraft("edit.name", text)}
        onSubmit={save}
      />
      <TextEntry
        label="From where and when"
        value={origin}
        longest={120}
        onChange={(text) => writeDraft("edit.origin", text)}
        onSubmit={save}
      />
      <EditButtons removeLabel="Remove the job" onSave={save} onLeave={onDone} onRemove={takeOut} />
    </Card>
  );
}
