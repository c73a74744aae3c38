import type { Repair } from "@root-gauge/contract";
import { inputOfRepair } from "../../data/record/inputs";
import { remove } from "../../data/outbox/removal";
import { saveRepair } from "../../data/outbox/saving";
import { Card } from "../../kit/surface";
import { Heading } from "../../kit/text";
import { WhereFields } from "../../shared/where-card";
import { Beside } from "../../edit/beside";
import { EditButtons } from "../../edit/edit-buttons";
import { useEditing } from "../../edit/use-editing";
import { WHERE_DRAFTS, useEditedWhere } from "../../edit/use-edited-where";

interface EditRepairProps {
  readonly repair: Repair;
  readonly name: string;
  readonly onDone: () => void;
  readonly onRemoved: () => void;
}

/** Where a repair belongs, to be changed; or the repair taken out. What was done is changed in Mend. */
export function EditRepair({ repair: now, name, onDone, onRemoved }: EditRepairProps) {
  const editing = useEditing("repair", now, inputOfRepair);
  const { begun: repair, elsewhere } = editing;
  const { where, change } = useEditedWhere(repair);
  const stored = inputOfRepair(repair);
  const save = () => {
    if (stored !== undefined) {
      const { positionId: _at, ...sent } = stored;
      saveRepair(repair.id, { ...sent, ...where }, repair.version);
    }
    onDone();
  };
  const takeOut = () => {
    const { id, version } = repair;
    if (stored === undefined) return;
    remove(name, { kind: "repair", id, body: stored, saw: version, queuedAt: Date.now() });
    onRemoved();
  };
  return (
    <Card gap={8} role="region" aria-label="Change where it belongs">
      <Heading>Where it belongs</Heading>
      <WhereFields where={where} placeholder="Side cover, rear" onChange={change} />
      <Beside>{elsewhere("position", ...WHERE_DRAFTS)}</Beside>
      <EditButtons
        editing={editing}
        removeLabel="Remove the repair"
        onSave={save}
        onLeave={onDone}
        onRemove={takeOut}
      />
    </Card>
  );
}
