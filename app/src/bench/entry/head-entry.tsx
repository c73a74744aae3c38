import { ACCEPTED } from "@root-gauge/contract";
import { TEACHING, markWords, type Reading } from "@root-gauge/core";
import { View } from "@tamagui/core";
import { changeBench, useBenchState } from "../../data/bench";
import { ActionButton } from "../../kit/action-button";
import { upperFirst } from "../../kit/letter-case";
import { ChoiceChips } from "../../kit/choice-chips";
import { Label, Small } from "../../kit/text";
import { TextEntry } from "../../kit/text-entry";
import { lastReading } from "../last-reading";

const chips = (marks: readonly string[]) =>
  marks.map((value) => ({ value, label: upperFirst(markWords(value)) }));

/** Marks by how they look: ISO 898-1 and ISO 3506 numbers, SAE J429 lines, older British letters. */
const GROUPS: readonly { name: string; choices: readonly { value: string; label: string }[] }[] = [
  { name: "Nothing", choices: chips(["none"]) },
  { name: "Numbers", choices: chips(["4.6", "5.6", "5.8", "8.8", "10.9", "12.9"]) },
  { name: "Stainless", choices: chips(["A2-50", "A2-70", "A2-80", "A4-70", "A4-80"]) },
  { name: "Lines out from the middle", choices: chips(["lines:3", "lines:5", "lines:6"]) },
  {
    name: "One letter",
    choices: chips(["letter:A", "letter:R", "letter:S", "letter:T", "letter:V"]),
  },
];

const TYPED = "head.mark";

function take(mark: string | undefined): void {
  changeBench({
    type: "answer",
    kind: "head-mark",
    reading: mark === undefined ? undefined : { kind: "head-mark", mark },
  });
}

/** The mark on the head or the nut, picked as it is seen. */
export function HeadEntry({
  readings,
  onDone,
}: {
  readings: readonly Reading[];
  onDone: () => void;
}) {
  const { drafts } = useBenchState();
  const typed = drafts[TYPED] ?? "";
  const given = lastReading(readings, "head-mark")?.mark;
  const pick = (mark: string | undefined) => {
    take(mark);
    if (mark !== undefined) onDone();
  };
  const takeTyped = () => {
    if (typed.trim() === "") return;
    changeBench({ type: "draft", field: TYPED, text: "" });
    pick(typed.trim());
  };
  return (
    <View gap={14}>
      <Small>{TEACHING["head-mark"]}</Small>
      {GROUPS.map(({ name, choices }) => (
        <View key={name} gap={4}>
          <Label>{name}</Label>
          <ChoiceChips
            name={name}
            value={given}
            choices={choices}
            onChange={(mark) => pick(mark === given ? undefined : mark)}
          />
        </View>
      ))}
      <TextEntry
        label="Another mark, as it stands"
        value={typed}
        longest={ACCEPTED.text.max}
        onChange={(text) => changeBench({ type: "draft", field: TYPED, text })}
        onSubmit={takeTyped}
      />
      <ActionButton label="Take this mark" disabled={typed.trim() === ""} onPress={takeTyped} />
    </View>
  );
}
