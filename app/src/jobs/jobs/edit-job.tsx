import { LONGEST } from "@root-gauge/core/record";
import { jobInputSchema, type Job } from "@root-gauge/contract";
import { JOB_SENTENCES } from "@root-gauge/core/say/record";
import { useState } from "react";
import { useDrafts, writeDraft } from "../../data/drafts/drafts";
import { inputOfJob } from "../../data/record/inputs";
import { changeJob } from "../../data/record/job-queries";
import { remove } from "../../data/outbox/removal";
import { DayEntry } from "../../kit/day-entry";
import { Card } from "../../kit/surface";
import { Heading } from "../../kit/text";
import { TextEntry } from "../../kit/text-entry";
import { EditButtons } from "../../edit/edit-buttons";
import { useEditing } from "../../edit/use-editing";

interface EditJobProps {
  readonly job: Job;
  readonly onDone: () => void;
  readonly onRemoved: () => void;
}

const FIELDS = ["edit.name", "edit.due", "edit.notes"] as const;

/** A job's name, the day it is due and its notes, to be changed; or the job taken out. */
export function EditJob({ job: now, onDone, onRemoved }: EditJobProps) {
  const editing = useEditing("job", now, inputOfJob);
  const { begun: job, elsewhere } = editing;
  const typed = useDrafts(FIELDS);
  const name = typed["edit.name"] ?? job.name;
  const due = typed["edit.due"] ?? job.due ?? "";
  const notes = typed["edit.notes"] ?? job.notes;
  const [problem, setProblem] = useState<"name" | "due">();
  const save = () => {
    const change = { name, due: due.trim() === "" ? null : due.trim(), notes };
    const read = jobInputSchema.safeParse({ ...inputOfJob(job), ...change });
    if (!read.success) {
      return setProblem(read.error.issues.some(({ path }) => path[0] === "due") ? "due" : "name");
    }
    changeJob(job, { name: read.data.name, due: read.data.due, notes: read.data.notes });
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
        longest={LONGEST.name}
        problem={problem === "name" ? JOB_SENTENCES.nameWanted : undefined}
        aside={elsewhere("name", "edit.name")}
        onChange={(text) => writeDraft("edit.name", text)}
        onSubmit={save}
      />
      <DayEntry
        label="To be done by"
        value={due}
        problem={problem === "due" ? JOB_SENTENCES.dayWanted : undefined}
        aside={elsewhere("due", "edit.due")}
        onChange={(day) => writeDraft("edit.due", day)}
      />
      <TextEntry
        label="Notes on the job"
        value={notes}
        lines={3}
        longest={LONGEST.notes}
        aside={elsewhere("notes", "edit.notes")}
        onChange={(text) => writeDraft("edit.notes", text)}
      />
      <EditButtons
        editing={editing}
        removeLabel="Remove the job"
        onSave={save}
        onLeave={onDone}
        onRemove={takeOut}
      />
    </Card>
  );
}
