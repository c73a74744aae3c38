import {
  LEAF_OUTCOMES,
  LEAF_OUTCOME_WORDS,
  leafMark,
  leafWords,
  rankLeaves,
  sameLeaf,
  upperFirst,
  noSuchLeafWords,
  type Candidate,
  type LeafMark,
  type LeafOutcome,
  type Units,
} from "@root-gauge/core";
import { TEACHING } from "@root-gauge/core/panel-words";
import { View } from "@tamagui/core";
import { useMemo, useState } from "react";
import { takeReading } from "../../data/bench";
import { useDraft, writeDraft } from "../../data/drafts";
import { useMended } from "../../data/mending";
import { useSettings } from "../../data/settings";
import { ActionButton } from "../../kit/action-button";
import { ChoiceChips } from "../../kit/choice-chips";
import { Pressable } from "../../kit/pressable";
import { Radio, RadioGroup } from "../../kit/radio-group";
import { Figure, Label, Small } from "../../kit/text";
import { TextEntry } from "../../kit/text-entry";
import { useLayout } from "../../kit/wide";
import { useFetched } from "../../shell/fetched-later";
import { differentPitches, exactLeaf, groupLeaves, matchingLeaves } from "./leaf-groups";

export interface LeafPickerProps {
  readonly candidates: readonly Candidate[];
  readonly units: Units;
  readonly onDone: () => void;
}

/** On a short thread a leaf lies in few threads, and says the less. */
const ENGAGED = [
  { value: "3", label: "3 threads" },
  { value: "5", label: "5" },
  { value: "8", label: "8" },
] as const;

type Engaged = (typeof ENGAGED)[number]["value"];

interface LeafButtonProps {
  readonly leaf: LeafMark;
  readonly chosen: boolean;
  /** It is not what is being typed: it stands back, in its place. */
  readonly back: boolean;
}

function LeafButton({ leaf, chosen, back }: LeafButtonProps) {
  const [figure, unit] = leafWords(leaf).split(" ");
  return (
    <Radio value={leafWords(leaf)}>
      <Pressable
        aria-label={`${leafWords(leaf)} leaf`}
        minWidth={64}
        minHeight={52}
        paddingHorizontal={8}
        borderWidth={1}
        borderColor={chosen ? "$ink" : "$line"}
        backgroundColor={chosen ? "$ink" : "$plate"}
        {...(back ? { borderStyle: "dashed", borderColor: "transparent" } : {})}
      >
        <Figure
          fontSize="$name"
          lineHeight="$name"
          textAlign="center"
          fontWeight={back ? "500" : "600"}
          color={chosen ? "$card" : back ? "$quiet" : "$ink"}
        >
          {figure}
        </Figure>
        <Label lineHeight="$fine" textAlign="center" color={chosen ? "$card" : "$quiet"}>
          {unit}
        </Label>
      </Pressable>
    </Radio>
  );
}

interface LeafGroupProps {
  readonly name: string;
  readonly leaves: readonly LeafMark[];
  readonly chosen: LeafMark | undefined;
  /** Those whose mark begins as typed; all where nothing is. */
  readonly matching: readonly LeafMark[];
  readonly onChoose: (leaf: LeafMark) => void;
}

const isAmong = (leaf: LeafMark, others: readonly LeafMark[]) =>
  others.some((other) => sameLeaf(leaf, other));

function LeafGroup({ name, leaves, chosen, matching, onChoose }: LeafGroupProps) {
  return (
    <View gap={4}>
      <Label>{name}</Label>
      <RadioGroup
        name={name}
        value={chosen === undefined ? null : leafWords(chosen)}
        onChoose={(mark) => {
          const leaf = leaves.find((one) => leafWords(one) === mark);
          if (leaf !== undefined) onChoose(leaf);
        }}
        flexDirection="row"
        flexWrap="wrap"
        gap={6}
      >
        {leaves.map((leaf) => (
          <LeafButton
            key={leafWords(leaf)}
            leaf={leaf}
            chosen={chosen !== undefined && sameLeaf(leaf, chosen)}
            back={!isAmong(leaf, matching)}
          />
        ))}
      </RadioGroup>
    </View>
  );
}

/** The leaf against the threads it is most likely laid on: what the fitter should see for each. */
function LeafViews({
  leaf,
  candidates,
  units,
}: {
  leaf: LeafMark;
  candidates: readonly Candidate[];
  units: Units;
}) {
  const { tools } = useSettings();
  const only55 = tools.includes("leaves-55") && !tools.includes("inch-leaves");
  const angle = "tpi" in leaf && only55 ? 55 : 60;
  const { wide } = useLayout();
  const later = useFetched();
  if (later === undefined) return null;
  const shown = differentPitches(candidates).slice(0, wide ? VIEWS_WHEN_WIDE : VIEWS_ON_PHONE);
  return (
    <View gap={6}>
      {shown.map(({ thread }) => (
        <later.LeafView
          key={thread.id}
          leaf={leaf}
          leafAngleDeg={angle}
          thread={thread}
          units={units}
        />
      ))}
    </View>
  );
}

const VIEWS_WHEN_WIDE = 3;
const VIEWS_ON_PHONE = 2;

/** The leaves of the gauge, likeliest first; pick one, then say whether it drops in. */
export function LeafPicker({ candidates, units, onDone }: LeafPickerProps) {
  const { wide } = useLayout();
  const typed = useDraft("leaf") ?? "";
  const ranked = useMemo(() => rankLeaves(candidates), [candidates]);
  const mended = useMended();
  const lay = mended?.kind === "leaf" ? leafMark(mended) : undefined;
  const [picked, setPicked] = useState(lay);
  // Found by its mark, the next key is the answer; by arrows, the next key is another arrow.
  const [byMark, setByMark] = useState(false);
  const [engaged, setEngaged] = useState<Engaged>();
  const matching = matchingLeaves(ranked, typed).map(({ leaf }) => leaf);
  const groups = useMemo(() => groupLeaves(ranked), [ranked]);
  // A mark that is typed whole needs no touch.
  const chosen = picked ?? exactLeaf(ranked, typed);

  const choose = (leaf: LeafMark | undefined) => {
    setByMark(false);
    setPicked(leaf);
  };
  const take = (leaf: LeafMark, outcome: LeafOutcome) => {
    const over = engaged === undefined ? {} : { threadsEngaged: Number(engaged) };
    takeReading({ kind: "leaf", ...leaf, outcome, ...over }, ["leaf"]);
    onDone();
  };

  return (
    <View gap={12}>
      <Small>{TEACHING.leaf}</Small>
      <View position="sticky" top={0} zIndex={2} paddingBottom={4} backgroundColor="$card">
        <TextEntry
          label="Find a leaf by its mark"
          value={typed}
          placeholder="1.25 or 13"
          longest={8}
          figures
          autoFocus={wide}
          onChange={(text) => {
            choose(undefined);
            writeDraft("leaf", text);
          }}
          onSubmit={() => {
            setByMark(true);
            setPicked(matching[0]);
          }}
          problem={matching.length === 0 ? noSuchLeafWords(typed) : undefined}
        />
      </View>
      {groups.map((group) => (
        <LeafGroup
          key={group.name}
          {...group}
          chosen={chosen}
          matching={matching}
          onChoose={choose}
        />
      ))}
      {chosen === undefined ? null : (
        <View
          position="sticky"
          bottom={0}
          gap={6}
          paddingVertical={8}
          backgroundColor="$card"
          borderTopWidth={1}
          borderColor="$line"
        >
          <Figure>{`The ${leafWords(chosen)} leaf, as it would lie`}</Figure>
          <ChoiceChips
            name="Threads that the leaf lies in"
            all="Its whole length"
            value={engaged}
            choices={ENGAGED}
            onChange={setEngaged}
          />
          <LeafViews leaf={chosen} candidates={candidates} units={units} />
          <View flexDirection="row" gap={8}>
            {LEAF_OUTCOMES.map((outcome) => (
              <ActionButton
                key={outcome}
                flex={1}
                label={upperFirst(LEAF_OUTCOME_WORDS[outcome])}
                focusNow={byMark && outcome === "drops-in"}
                onPress={() => take(chosen, outcome)}
              />
            ))}
          </View>
        </View>
      )}
    </View>
  );
}
