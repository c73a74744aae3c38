import { gradesFor, type Grade, type HeadRoom, type Thread } from "@root-gauge/core";
import { changeSpecify, type SpecifyState } from "../data/specify-state";
import { LabelledChips } from "../kit/labelled-chips";
import { Card } from "../kit/surface";
import { Heading } from "../kit/text";

const ROOMS: readonly { value: HeadRoom; label: string }[] = [
  { value: "spanner", label: "For a spanner: hexagon" },
  { value: "key", label: "For a key: socket cap" },
  { value: "flush", label: "None: countersunk" },
];

/** Stainless steels that counters stock; the others are to order. */
const STOCKED_STAINLESS: ReadonlySet<string> = new Set(["A2-70", "A4-70", "A4-80"]);

function offered(thread: Thread): readonly Grade[] {
  return gradesFor(thread).filter(
    ({ id, system }) => system !== "stainless" || STOCKED_STAINLESS.has(id),
  );
}

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
        choices={offered(thread).map(({ id, name }) => ({ value: id, label: name }))}
        onChange={(gradeId) => changeSpecify({ gradeId })}
      />
    </Card>
  );
}
