import { LONGEST } from "@root-gauge/core/record";
import type { IdentificationRecord } from "@root-gauge/contract";
import { formatCallout } from "@root-gauge/core/callout";
import { screwThatCameOut, screwThatGoesIn } from "@root-gauge/core/decide/sheet";
import { View } from "@tamagui/core";
import { useState } from "react";
import { useDraft, writeDraft } from "../../data/drafts/drafts";
import { inputOfPart } from "../../data/record/inputs";
import { remove } from "../../data/outbox/removal";
import { saveIdentification } from "../../data/outbox/saving";
import { Card } from "../../kit/surface";
import { Heading } from "../../kit/text";
import { TextEntry } from "../../kit/text-entry";
import { ReplacementCard } from "../replacement/replacement-card";
import {
  EDIT_FIELDS,
  SPEC_DRAFTS,
  replacementOf,
  useReplacementDraft,
} from "../replacement/use-replacement-draft";
import { WhereFields } from "../../shared/where-card";
import { Beside } from "../../edit/beside";
import { EditButtons } from "../../edit/edit-buttons";
import { useEditing } from "../../edit/use-editing";
import { WHERE_DRAFTS, useEditedWhere } from "../../edit/use-edited-where";

interface EditPartProps {
  readonly record: IdentificationRecord;
  /** Its name, as the way back from a removal calls it. */
  readonly name: string;
  readonly onDone: () => void;
  readonly onRemoved: () => void;
}

/** What was written up, changed where it stands: what goes in, where it belongs, its notes; or taken out. */
export function EditPart({ record: now, name, onDone, onRemoved }: EditPartProps) {
  const editing = useEditing("identification", now, inputOfPart);
  const { begun: record, elsewhere } = editing;
  const { where, change } = useEditedWhere(record);
  const notes = useDraft("edit.notes") ?? record.notes;
  const original = screwThatCameOut(record);
  const stored = screwThatGoesIn(record);
  const derived = stored === undefined ? "" : formatCallout(stored);
  const draft = useReplacementDraft(record.replacement, derived, EDIT_FIELDS);
  const asksForScrew = stored !== undefined || original !== undefined;
  const [problem, setProblem] = useState<string>();
  const save = () => {
    const why = asksForScrew ? draft.problem : undefined;
    setProblem(why);
    if (why !== undefined) return;
    const replacement = asksForScrew ? replacementOf(draft) : record.replacement;
    const { positionId: _at, ...sent } = inputOfPart(record);
    const input = { ...sent, ...where, notes, replacement };
    saveIdentification(record.id, input, record.version);
    onDone();
  };
  const takeOut = () => {
    const { id, version } = record;
    const body = inputOfPart(record);
    remove(name, { kind: "identification", id, body, saw: version, queuedAt: Date.now() });
    onRemoved();
  };
  return (
    <View gap={12} role="region" aria-label="Change the sheet" data-print="no">
      {asksForScrew ? <ReplacementCard draft={draft} original={original} /> : null}
      <Beside>{elsewhere("spec", ...SPEC_DRAFTS)}</Beside>
      <Card gap={8}>
        <Heading>Where it goes</Heading>
        <WhereFields where={where} placeholder="Clamp bar, left front" onChange={change} />
        <Beside>{elsewhere("position", ...WHERE_DRAFTS)}</Beside>
        <TextEntry
          label="Notes"
          value={notes}
          lines={3}
          longest={LONGEST.notes}
          aside={elsewhere("notes", "edit.notes")}
          onChange={(text) => writeDraft("edit.notes", text)}
        />
        <EditButtons
          problem={problem}
          editing={editing}
          removeLabel="Remove the sheet"
          onSave={save}
          onLeave={onDone}
          onRemove={takeOut}
        />
      </Card>
    </View>
  );
}
