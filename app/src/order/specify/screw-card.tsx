import type { Thread } from "@root-gauge/core";
import { stockedGrades, type Grade } from "@root-gauge/core/catalogue/grades";
import type { HeadRoom } from "@root-gauge/core/decide/specify";
import { changeSpecify, type SpecifyState } from "../../data/kept/specify-state";
import { LabelledChips } from "../../kit/labelled-chips";
import { Card } from "../../kit/surface";
import { Heading } from "../../kit/text";

const ROOMS: readonly { value: HeadRoom; label: string }[] = [
  { value: "spanner", label: "For a spanner: hexagon" },
  { value: "key", label: "For a key: socket cap" },
  { value: "flush", label: "None: countersunk" },
];

/** The room for a head, and how strong the screw is to be. */
export function ScrewCard({
  state,
  thread,
  grade,
}: {
  state: SpecifyState;
  thread: Thread;
  grade: Grade;
}) {
  return (
    <Card gap={12}>
      <Heading>The screw</Heading>
      <LabelledChips
        name="Room round the head"
        value={state.room}
        choices={ROOMS}
        onChange={(room = state.room) => changeSpecify({ room })}
      />
      <LabelledChips
        name="Class"
        value={grade.id}
        choices={stockedGrades(thread).map(({ id, name }) => ({ value: id, label: name }))}
        onChange={(gradeId) => changeSpecify({ gradeId })}
      />
    </Card>
  );
}
