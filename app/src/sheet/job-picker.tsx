import { jobInputSchema } from "@root-gauge/contract";
import { SHEET_SENTENCES, newJobWords } from "@root-gauge/core/sheet-words";
import { View } from "@tamagui/core";
import { useState, type CSSProperties } from "react";
import { v4 as uuid } from "uuid";
import { draftOf, useDraft, writeDraft } from "../data/drafts";
import { useJobName, useJobSearch } from "../data/queries";
import { saveJob } from "../data/saving";
import { ActionButton } from "../kit/action-button";
import { PLAIN_FIGURE, PLAIN_LABEL, PLAIN_PLATE } from "../kit/plain";
import { Radio, RadioGroup } from "../kit/radio-group";
import { Body, Figure, Small } from "../kit/text";
import { TextEntry } from "../kit/text-entry";

const NAME = "job.name";
const ORIGIN = "job.origin";
const LONGEST = 120;
/** As many as are seen without scrolling; typing finds the others. */
const SHOWN = 5;

const JOB = {
  ...PLAIN_PLATE,
  flexGrow: 1,
  padding: "6px 12px",
  border: "1px solid var(--line)",
  background: "var(--card)",
} as const satisfies CSSProperties;

interface JobPickerProps {
  readonly jobId: string | null;
  readonly onChoose: (jobId: string) => void;
  /** Why there is no going on as it stands, said at its field. */
  readonly problem?: string | undefined;
}

/** Makes a job of the name that was typed, and of where it is from where that was. */
function addJob(name: string, onAdded: (jobId: string) => void): void {
  const read = jobInputSchema.safeParse({ name, origin: draftOf(ORIGIN) ?? "" });
  if (!read.success) return;
  const id = uuid();
  saveJob(id, read.data);
  writeDraft(ORIGIN, "");
  onAdded(id);
}

/** A job that is not there yet, by the name that was typed. */
function NewJob({
  name,
  asksOrigin,
  onAdded,
}: {
  name: string;
  /** Where no other job is like it, a new one it will be. */
  asksOrigin: boolean;
  onAdded: (jobId: string) => void;
}) {
  const origin = useDraft(ORIGIN) ?? "";
  const add = () => addJob(name, onAdded);
  return (
    <View gap={8}>
      {asksOrigin ? (
        <TextEntry
          label="From where and when, if known"
          value={origin}
          longest={LONGEST}
          onChange={(text) => writeDraft(ORIGIN, text)}
          onSubmit={add}
        />
      ) : null}
      <ActionButton label={newJobWords(name)} onPress={add} />
    </View>
  );
}

/** The jobs there are, found by a few letters, the last touched first; or a new one of that name. */
function JobSearch({ jobId, onChoose, problem }: JobPickerProps) {
  const typed = useDraft(NAME) ?? "";
  const { jobs, query, all } = useJobSearch(typed);
  const [most, setMost] = useState(SHOWN);
  const shown = jobs.slice(0, most);
  const name = typed.trim();
  const isNew = name !== "" && !all.some((job) => job.name.toLowerCase() === name.toLowerCase());
  const choose = (id: string) => {
    writeDraft(NAME, "");
    onChoose(id);
  };
  return (
    <>
      <TextEntry
        label="Machine or job"
        value={typed}
        placeholder="Its name, or a few letters of it"
        longest={LONGEST}
        problem={problem}
        onChange={(text) => writeDraft(NAME, text)}
        onSubmit={() => {
          const [only, other] = jobs;
          if (name === "") return;
          if (only === undefined) addJob(name, choose);
          else if (other === undefined) choose(only.id);
        }}
      />
      {query.isError && all.length === 0 ? <Body>{SHEET_SENTENCES.jobsAway}</Body> : null}
      <RadioGroup name="Job" value={jobId} onChoose={choose} gap={6}>
        {shown.map((job) => (
          <Radio key={job.id} value={job.id}>
            {() => (
              <span style={JOB}>
                <span style={PLAIN_FIGURE}>{job.name}</span>
                {job.origin === "" ? null : <span style={PLAIN_LABEL}>{job.origin}</span>}
              </span>
            )}
          </Radio>
        ))}
      </RadioGroup>
      {jobs.length > most ? (
        <ActionButton label="More jobs" onPress={() => setMost(most + 4 * SHOWN)} />
      ) : null}
      {isNew ? <NewJob name={name} asksOrigin={jobs.length === 0} onAdded={choose} /> : null}
    </>
  );
}

/** Which job the part belongs to: the one that was chosen, or a search among all of them. */
export function JobPicker({ jobId, onChoose, problem }: JobPickerProps) {
  const [searching, setSearching] = useState(false);
  const name = useJobName(jobId);
  if (jobId !== null && !searching) {
    return (
      <View flexDirection="row" alignItems="center" gap={8}>
        <View flex={1}>
          <Small>Machine or job</Small>
          <Figure fontSize="$name" lineHeight="$name">
            {name ?? "…"}
          </Figure>
        </View>
        <ActionButton label="Another job" onPress={() => setSearching(true)} />
      </View>
    );
  }
  return (
    <View gap={8}>
      <JobSearch
        jobId={jobId}
        problem={problem}
        onChoose={(id) => {
          setSearching(false);
          onChoose(id);
        }}
      />
    </View>
  );
}
