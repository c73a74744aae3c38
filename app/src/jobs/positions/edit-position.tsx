import { positionInputSchema, type PositionRow } from "@root-gauge/contract";
import { mayStandWithin, pathTo, treeRows, LONGEST } from "@root-gauge/core/record";
import { POSITION_SENTENCES, REORDER_SENTENCES } from "@root-gauge/core/say/record";
import { View } from "@tamagui/core";
import { useMemo, useState } from "react";
import { useDraft, useDrafts, writeDraft } from "../../data/drafts/drafts";
import { inputOfPosition } from "../../data/record/inputs";
import { remove } from "../../data/outbox/removal";
import { ActionButton } from "../../kit/action-button";
import { PLAIN_FIGURE } from "../../kit/plain";
import { Radio, RadioGroup } from "../../kit/radio-group";
import { Card } from "../../kit/surface";
import { Heading, Label } from "../../kit/text";
import { TextEntry } from "../../kit/text-entry";
import { changePosition, type ShownPosition } from "../../edit/change-position";
import { ReplacementCard } from "../../order/replacement/replacement-card";
import {
  EDIT_FIELDS,
  SPEC_DRAFTS,
  replacementOf,
  useReplacementDraft,
} from "../../order/replacement/use-replacement-draft";
import { Beside } from "../../edit/beside";
import { EditButtons } from "../../edit/edit-buttons";
import { useEditing } from "../../edit/use-editing";
import { MergePosition } from "./merge-position";

interface EditPositionProps {
  readonly position: ShownPosition;
  readonly positions: readonly PositionRow[];
  readonly onDone: () => void;
  readonly onRemoved: () => void;
}

/** Stands for the machine itself: no position has this id. */
const MACHINE = "machine";
/** As many as are seen without scrolling far. */
const SHOWN = 6;

interface WithinProps {
  readonly position: ShownPosition;
  readonly positions: readonly PositionRow[];
  readonly parentId: string | null;
}

/** What the position stands within: the machine itself, or another of its positions. */
function Within({ position, positions, parentId }: WithinProps) {
  const [all, setAll] = useState(false);
  const known = useMemo(() => new Map(positions.map((one) => [one.id, one])), [positions]);
  const possible = useMemo(
    () =>
      treeRows(positions)
        .map((row) => row.position)
        .filter(({ id }) => mayStandWithin(position.id, id, known)),
    [positions, known, position.id],
  );
  const shown = all ? possible : possible.filter(({ id }, at) => at < SHOWN || id === parentId);
  if (possible.length === 0) return null;
  return (
    <View gap={4}>
      <Label>Stands within</Label>
      <RadioGroup
        name="Stands within"
        value={parentId ?? MACHINE}
        onChoose={(id) => writeDraft("edit.within", id)}
        gap={2}
      >
        {[
          { id: MACHINE, path: "The machine itself" },
          ...shown.map(({ id }) => ({ id, path: pathTo(id, known) })),
        ].map(({ id, path }) => (
          <Radio key={id} value={id}>
            {(chosen) => (
              <span
                style={{ ...PLAIN_FIGURE, display: "flex", minHeight: 44, alignItems: "center" }}
              >
                {`${chosen ? "● " : "○ "}${path}`}
              </span>
            )}
          </Radio>
        ))}
      </RadioGroup>
      {possible.length > shown.length ? (
        <ActionButton label="More places" onPress={() => setAll(true)} />
      ) : null}
    </View>
  );
}

const FIELDS = ["edit.name", "edit.alike", "edit.notes"] as const;

/** A position changed where it stands: its name, how many alike, what goes in, what it stands within; or taken out. */
export function EditPosition({ position: now, positions, onDone, onRemoved }: EditPositionProps) {
  const editing = useEditing("position", now, inputOfPosition);
  const { begun: position, elsewhere } = editing;
  const typed = useDrafts(FIELDS);
  const name = typed["edit.name"] ?? position.name;
  const alike = typed["edit.alike"] ?? String(position.alike);
  const notes = typed["edit.notes"] ?? position.notes;
  const within = useDraft("edit.within");
  const parentId = within === undefined ? position.parentId : within === MACHINE ? null : within;
  const draft = useReplacementDraft(position.spec, "", EDIT_FIELDS);
  const saysSpec = position.spec !== null || draft.callout.trim() !== "";
  const [problem, setProblem] = useState<string>();
  const save = () => {
    if (saysSpec && draft.problem !== undefined) return setProblem(draft.problem);
    const sent = {
      ...inputOfPosition(position),
      name,
      notes,
      parentId,
      alike: Number(alike),
      spec: saysSpec ? replacementOf(draft) : null,
    };
    const read = positionInputSchema.safeParse(sent);
    if (!read.success) {
      const isName = read.error.issues.some(({ path }) => path[0] === "name");
      return setProblem(isName ? POSITION_SENTENCES.nameWanted : POSITION_SENTENCES.alikeWanted);
    }
    changePosition(position, read.data);
    return onDone();
  };
  const takeOut = () => {
    const { id, version } = position;
    const body = inputOfPosition(position);
    remove(position.path, { kind: "position", id, body, saw: version, queuedAt: Date.now() });
    onRemoved();
  };
  return (
    <View gap={12} role="region" aria-label="Change the position" marginBottom={12}>
      <Card gap={8}>
        <Heading>Change the position</Heading>
        <TextEntry
          label="Its name"
          value={name}
          longest={LONGEST.name}
          aside={elsewhere("name", "edit.name")}
          onChange={(text) => writeDraft("edit.name", text)}
          onSubmit={save}
        />
        <TextEntry
          label="How many alike"
          value={alike}
          figures
          longest={4}
          aside={elsewhere("alike", "edit.alike")}
          onChange={(text) => writeDraft("edit.alike", text)}
          onSubmit={save}
        />
        <Within position={position} positions={positions} parentId={parentId} />
        <Beside>{elsewhere("parent", "edit.within")}</Beside>
        <TextEntry
          label="Notes"
          value={notes}
          lines={3}
          longest={LONGEST.notes}
          aside={elsewhere("notes", "edit.notes")}
          onChange={(text) => writeDraft("edit.notes", text)}
        />
      </Card>
      <ReplacementCard draft={draft} original={undefined} />
      <Beside>{elsewhere("spec", ...SPEC_DRAFTS)}</Beside>
      <MergePosition position={position} positions={positions} onMerged={onDone} />
      <Card gap={8}>
        <ActionButton
          label={position.archived ? "Bring back from the archive" : "Archive"}
          says={position.archived ? REORDER_SENTENCES.unarchive : REORDER_SENTENCES.archive}
          onPress={() => {
            changePosition(position, { archived: !position.archived });
            onDone();
          }}
        />
        <EditButtons
          problem={problem}
          editing={editing}
          history={false}
          removeLabel="Remove the position"
          onSave={save}
          onLeave={onDone}
          onRemove={takeOut}
        />
      </Card>
    </View>
  );
}
