import type { IdentificationInput, Replacement } from "@root-gauge/contract";
import { shortcomings } from "@root-gauge/core/sheet";
import { specProblemWords, SHEET_SENTENCES } from "@root-gauge/core/sheet-words";
import { useRouter } from "expo-router";
import { useState } from "react";
import { v4 as uuid } from "uuid";
import type { DraftField } from "../data/draft-fields";
import { useDraft, writeDraft } from "../data/drafts";
import { useIdentification } from "../data/queries";
import { saveIdentification } from "../data/saving";
import { ActionButton } from "../kit/action-button";
import { Card } from "../kit/surface";
import { Body, Heading } from "../kit/text";
import { TextEntry } from "../kit/text-entry";
import { JobPicker } from "./job-picker";

const PLACE = "fastener.position";
const JOB = "fastener.job";

export interface SaveToJobProps {
  readonly replacement: Replacement;
  /** False while the caution of a joint on which safety hangs was not read. */
  readonly allowed: boolean;
}

/** Puts the sheet's part down as what goes in where a stored one came out. */
export function SaveToRecord({ id, replacement, allowed }: SaveToJobProps & { id: string }) {
  const router = useRouter();
  const { record, query } = useIdentification(id);
  const [problem, setProblem] = useState<string>();
  const save = () => {
    if (record === undefined)
      return setProblem(query.error?.message ?? SHEET_SENTENCES.partAwaited);
    if (!allowed) return setProblem(SHEET_SENTENCES.readCaution);
    const { jobId, position, readings, options, notes, takenAt } = record;
    const input = { jobId, position, readings, options, notes, takenAt, replacement };
    saveIdentification(id, input, record.version);
    router.replace(`/sheet/${id}`);
  };
  return (
    <Card gap={8} data-print="no">
      <Heading>{`What goes in${record?.position ? `: ${record.position}` : ""}`}</Heading>
      {(record === undefined ? [] : shortcomings(record, replacement.callout)).map((problem) => (
        <Body key={problem.code} color="$clash">
          {specProblemWords(problem)}
        </Body>
      ))}
      {problem === undefined ? null : (
        <Body role="alert" color="$clash">
          {problem}
        </Body>
      )}
      <ActionButton primary label="This goes in" onPress={save} />
    </Card>
  );
}

/** Saves a part that was specified without a sample to a job. */
export function SaveToJob({ replacement, allowed }: SaveToJobProps) {
  const router = useRouter();
  const place = useDraft(PLACE) ?? "";
  const [problem, setProblem] = useState<string>();
  const jobId = useDraft(JOB) || null;
  const draft = (field: DraftField) => (text: string) => writeDraft(field, text);
  const save = () => {
    if (!allowed) return setProblem(SHEET_SENTENCES.readCaution);
    if (jobId === null) return setProblem(SHEET_SENTENCES.chooseJob);
    const id = uuid();
    const input: IdentificationInput = {
      jobId,
      position: place,
      readings: [],
      options: {},
      notes: "",
      replacement,
      takenAt: new Date().toISOString(),
    };
    saveIdentification(id, input);
    draft(PLACE)("");
    return router.replace(`/sheet/${id}`);
  };
  return (
    <>
      <JobPicker jobId={jobId} onChoose={draft(JOB)} />
      <Card gap={8} data-print="no">
        <Heading>Where it goes</Heading>
        <TextEntry
          label="Place on the machine"
          value={place}
          placeholder="Side cover, lower left"
          longest={120}
          onChange={draft(PLACE)}
        />
        {problem === undefined ? null : (
          <Body role="alert" color="$clash">
            {problem}
          </Body>
        )}
        <ActionButton primary label="Save to the job" onPress={save} />
      </Card>
    </>
  );
}
