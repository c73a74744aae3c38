import { LONGEST } from "@root-gauge/core/record";
import { machineInputSchema, type ChangedField, type Machine } from "@root-gauge/contract";
import { POSITION_SENTENCES, RECORD_SENTENCES } from "@root-gauge/core/say/record";
import { useState } from "react";
import { changedFields } from "../../data/outbox/changed-fields";
import type { DraftField } from "../../data/kept/draft-fields";
import { useDrafts, writeDraft } from "../../data/drafts/drafts";
import { inputOfMachine } from "../../data/record/inputs";
import { remove } from "../../data/outbox/removal";
import { saveMachine } from "../../data/outbox/saving";
import { Card } from "../../kit/surface";
import { Heading } from "../../kit/text";
import { TextEntry } from "../../kit/text-entry";
import { EditButtons } from "../../edit/edit-buttons";
import { useEditing } from "../../edit/use-editing";

interface EditMachineProps {
  readonly machine: Machine;
  readonly onDone: () => void;
  readonly onRemoved: () => void;
}

const FIELDS = ["edit.name", "edit.origin", "edit.year", "edit.stands", "edit.notes"] as const;

/** What each field is called in the machine's history. */
const CALLED = {
  "edit.name": "name",
  "edit.origin": "origin",
  "edit.year": "year",
  "edit.stands": "stands",
  "edit.notes": "notes",
} as const satisfies Partial<Record<DraftField, ChangedField>>;

/** What is wrong with what was typed, at the field that it is wrong in. */
interface Problem {
  readonly at: DraftField;
  readonly why: string;
}

/** A machine's name, where it is from and where it stands, to be changed; or the machine taken out. */
export function EditMachine({ machine: now, onDone, onRemoved }: EditMachineProps) {
  const editing = useEditing("machine", now, inputOfMachine);
  const { begun: machine, elsewhere } = editing;
  const typed = useDrafts(FIELDS);
  const name = typed["edit.name"] ?? machine.name;
  const origin = typed["edit.origin"] ?? machine.origin;
  const year = typed["edit.year"] ?? String(machine.year ?? "");
  const stands = typed["edit.stands"] ?? machine.stands;
  const notes = typed["edit.notes"] ?? machine.notes;
  const [problem, setProblem] = useState<Problem>();
  const save = () => {
    const sent = { name, origin, stands, notes, year: year.trim() === "" ? null : Number(year) };
    const read = machineInputSchema.safeParse(sent);
    if (!read.success) {
      const isYear = read.error.issues.some(({ path }) => path[0] === "year");
      return setProblem(
        isYear
          ? { at: "edit.year", why: POSITION_SENTENCES.yearWanted }
          : { at: "edit.name", why: RECORD_SENTENCES.nameMachine },
      );
    }
    const touched = changedFields(inputOfMachine(machine), read.data);
    if (touched.length > 0) saveMachine(machine.id, read.data, machine.version, touched);
    return onDone();
  };
  const takeOut = () => {
    const { id, version } = machine;
    const body = inputOfMachine(machine);
    remove(machine.name, { kind: "machine", id, body, saw: version, queuedAt: Date.now() });
    onRemoved();
  };
  const field = (
    at: keyof typeof CALLED,
    label: string,
    value: string,
    longest: number = LONGEST.name,
  ) => (
    <TextEntry
      label={label}
      value={value}
      longest={longest}
      problem={problem?.at === at ? problem.why : undefined}
      aside={elsewhere(CALLED[at], at)}
      onChange={(text) => writeDraft(at, text)}
      onSubmit={save}
    />
  );
  return (
    <Card gap={8} marginBottom={12} role="region" aria-label="Change the machine">
      <Heading>Change the machine</Heading>
      {field("edit.name", "Its name", name)}
      {field("edit.origin", "The maker’s country", origin)}
      {field("edit.year", "Built in the year", year, 4)}
      {field("edit.stands", "Where it stands", stands)}
      <TextEntry
        label="Notes on the machine"
        value={notes}
        lines={3}
        longest={LONGEST.notes}
        aside={elsewhere("notes", "edit.notes")}
        onChange={(text) => writeDraft("edit.notes", text)}
      />
      <EditButtons
        editing={editing}
        removeLabel="Remove the machine"
        onSave={save}
        onLeave={onDone}
        onRemove={takeOut}
      />
    </Card>
  );
}
