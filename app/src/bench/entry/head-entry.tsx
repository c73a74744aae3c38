import {
  ACCEPTED,
  lastReading,
  markWords,
  upperFirst,
  type PartKind,
  type Reading,
} from "@root-gauge/core";
import { TEACHING } from "@root-gauge/core/say/bench";
import { View } from "@tamagui/core";
import { changeBench } from "../../data/drafts/bench";
import { useDraft, writeDraft } from "../../data/drafts/drafts";
import { ActionButton } from "../../kit/action-button";
import { ChoiceChips } from "../../kit/choice-chips";
import { Label, Small } from "../../kit/text";
import { TextEntry } from "../../kit/text-entry";
import { useAfterFirstPaint } from "../../kit/use-after-first-paint";
import { LookEntry } from "./look-entry";
import { MarkEndView } from "./mark-end-view";

interface Group {
  readonly name: string;
  readonly choices: readonly { readonly value: string; readonly label: string }[];
}

const chips = (marks: readonly string[]) =>
  marks.map((value) => ({ value, label: upperFirst(markWords(value)) }));

/** Marks by how they look: ISO 898-1 and ISO 3506 numbers, ASTM, older British letters. */
const BOLT_GROUPS: readonly Group[] = [
  { name: "Nothing", choices: chips(["none"]) },
  { name: "Numbers", choices: chips(["4.6", "5.6", "5.8", "8.8", "9.8", "10.9", "12.9"]) },
  { name: "Stainless", choices: chips(["A2-50", "A2-70", "A2-80", "A4-70", "A4-80"]) },
  { name: "Structural", choices: chips(["A325", "A490", "307A"]) },
  {
    name: "One letter",
    choices: chips(["letter:A", "letter:R", "letter:S", "letter:T", "letter:V"]),
  },
];

/** A nut by its number, or by the angle between its two marks: ISO 898-2 and SAE J995. */
const NUT_GROUPS: readonly Group[] = [
  { name: "Nothing", choices: chips(["none"]) },
  { name: "Number", choices: chips(["5", "6", "8", "9", "10", "12", "04", "05"]) },
  {
    name: "Two marks, by the angle between them",
    choices: chips([
      "nut-angle:60",
      "nut-angle:90",
      "nut-angle:120",
      "nut-angle:150",
      "nut-angle:180",
      "nut-marks:6",
    ]),
  },
  { name: "Stainless", choices: chips(["A2-50", "A2-70", "A4-70", "A4-80"]) },
];

const TYPED = "head.mark";

function take(mark: string | undefined): void {
  changeBench({
    type: "answer",
    kind: "head-mark",
    reading: mark === undefined ? undefined : { kind: "head-mark", mark },
  });
}

const linesOf = (mark: string | undefined) => Number(/^lines:\s*(\d)$/i.exec(mark ?? "")?.[1] ?? 0);

export interface HeadEntryProps {
  readonly part: PartKind;
  readonly readings: readonly Reading[];
  readonly onDone: () => void;
}

/** The mark on the head or the nut, picked as it is seen, the head, its finish and a magnet; open until all is said. */
export function HeadEntry({ part, readings, onDone }: HeadEntryProps) {
  const typed = useDraft(TYPED) ?? "";
  const given = lastReading(readings, "head-mark")?.mark;
  const nut = part === "nut";
  const later = useAfterFirstPaint();
  const takeTyped = () => {
    if (typed.trim() === "") return;
    writeDraft(TYPED, "");
    take(typed.trim());
  };
  return (
    <View gap={14}>
      <Small>{TEACHING["head-mark"]}</Small>
      {nut ? null : (
        <View gap={4}>
          <Label>Lines out from the middle</Label>
          <MarkEndView lines={linesOf(given)} onTake={(lines) => take(`lines:${lines}`)} />
        </View>
      )}
      {(nut ? NUT_GROUPS : BOLT_GROUPS).map(({ name, choices }) => (
        <View key={name} gap={4}>
          <Label>{name}</Label>
          <ChoiceChips
            name={name}
            value={given}
            choices={choices}
            onChange={take}
            onAgain={() => take(undefined)}
          />
        </View>
      ))}
      <TextEntry
        label="Another mark, as it stands"
        value={typed}
        longest={ACCEPTED.text.max}
        onChange={(text) => writeDraft(TYPED, text)}
        onSubmit={takeTyped}
      />
      <ActionButton label="Take this mark" disabled={typed.trim() === ""} onPress={takeTyped} />
      {later ? <LookEntry headed={part === "bolt"} readings={readings} /> : null}
      <ActionButton primary label="Done" onPress={onDone} />
    </View>
  );
}
