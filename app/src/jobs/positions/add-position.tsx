import { isSameName, namesOfPath, pathOfNames, LONGEST } from "@root-gauge/core/record";
import { POSITION_SENTENCES } from "@root-gauge/core/say/record";
import { View } from "@tamagui/core";
import { useState } from "react";
import { v4 as uuid } from "uuid";
import type { PositionRow } from "@root-gauge/contract";
import { useDraft, writeDraft } from "../../data/drafts/drafts";
import { savePosition } from "../../data/outbox/saving";
import { ActionButton } from "../../kit/action-button";
import { TextEntry } from "../../kit/text-entry";

const NAME = "position.name";
/** As long as the contract takes a name. */

/** Makes each place of a path that is not there yet, the outermost first. @returns the innermost's id */
function makePath(
  machineId: string,
  text: string,
  positions: readonly Pick<PositionRow, "id" | "parentId" | "name" | "rank">[],
  from: string | null = null,
): string | undefined {
  let within = from;
  let last: string | undefined;
  for (const name of namesOfPath(text)) {
    const parentId = within;
    const beside = positions.filter((position) => position.parentId === parentId);
    const there = beside.find((position) => isSameName(position.name, name))?.id;
    const id = there ?? uuid();
    if (there === undefined) {
      const rank = Math.max(-1, ...beside.map((position) => position.rank)) + 1;
      const made = {
        alike: 1,
        state: "to-identify",
        spec: null,
        notes: "",
        archived: false,
      } as const;
      savePosition(id, { machineId, parentId, name, rank, ...made });
    }
    last = id;
    within = id;
  }
  return last;
}

interface AddPositionProps {
  readonly machineId: string;
  readonly positions: readonly PositionRow[];
}

/** A position that is not there yet, by its name or its whole path. */
export function AddPosition({ machineId, positions }: AddPositionProps) {
  const name = useDraft(NAME) ?? "";
  const [problem, setProblem] = useState<string>();
  const add = () => {
    if (namesOfPath(name).some((one) => one.length > LONGEST.name)) {
      return setProblem(POSITION_SENTENCES.nameLong);
    }
    const made = makePath(machineId, name, positions);
    setProblem(made === undefined ? POSITION_SENTENCES.nameWanted : undefined);
    if (made !== undefined) writeDraft(NAME, "");
    return undefined;
  };
  const path = pathOfNames(namesOfPath(name));
  return (
    <View gap={8}>
      <TextEntry
        label="Add a position"
        value={name}
        placeholder={POSITION_SENTENCES.pathHint}
        longest={LONGEST.line}
        problem={problem}
        onChange={(text) => writeDraft(NAME, text)}
        onSubmit={add}
      />
      {path === "" ? null : (
        <ActionButton label={`Add “${path}”`} says={`Add the position ${path}`} onPress={add} />
      )}
    </View>
  );
}
