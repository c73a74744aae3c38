import type { Candidate, Units } from "@root-gauge/core";
import { View } from "@tamagui/core";
import { ChoiceRow } from "../../kit/choice-row";
import { useDraft, writeDraft } from "../../data/drafts/drafts";
import { LeafPicker } from "./leaf-picker";
import { CountEntry, CrestEntry } from "./span-entries";

const WAYS = [
  { value: "leaf", label: "Leaf" },
  { value: "count", label: "Count" },
  { value: "crests", label: "Crest to crest" },
] as const;

type Way = (typeof WAYS)[number]["value"];

export interface PitchEntryProps {
  readonly candidates: readonly Candidate[];
  readonly units: Units;
  readonly onDone: () => void;
}

/** The pitch, by whichever way is at hand. The way chosen is kept with the drafts. */
export function PitchEntry({ candidates, units, onDone }: PitchEntryProps) {
  const kept = useDraft("pitch.way");
  const way: Way = WAYS.find(({ value }) => value === kept)?.value ?? "leaf";
  return (
    <View gap={12}>
      <View flexDirection="row">
        <ChoiceRow
          fill
          name="How the pitch is read"
          value={way}
          choices={WAYS}
          onChange={(text) => writeDraft("pitch.way", text)}
        />
      </View>
      {way === "leaf" ? <LeafPicker candidates={candidates} units={units} onDone={onDone} /> : null}
      {way === "count" ? <CountEntry units={units} onDone={onDone} /> : null}
      {way === "crests" ? <CrestEntry units={units} onDone={onDone} /> : null}
    </View>
  );
}
