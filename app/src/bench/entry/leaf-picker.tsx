import {
  LEAF_OUTCOME_WORDS,
  leafMark,
  leafWords,
  rankLeaves,
  sameLeaf,
  upperFirst,
  noSuchLeafWords,
  oneGaugeOf,
  type Candidate,
  type LeafMark,
  type LeafOutcome,
  type Units,
} from "@root-gauge/core";
import { LEAF_OUTCOMES } from "@root-gauge/core/lists";
import { TEACHING } from "@root-gauge/core/say/bench";
import { View } from "@tamagui/core";
import { useMemo, useState, type CSSProperties } from "react";
import { takeReading } from "../../data/drafts/bench";
import { useDraft, writeDraft } from "../../data/drafts/drafts";
import { useMended } from "../../data/drafts/mending";
import { useSettings } from "../../data/kept/settings";
import { ActionButton } from "../../kit/action-button";
import { ChoiceChips } from "../../kit/choice-chips";
import { PLAIN_FIGURE, PLAIN_LABEL, PLAIN_PLATE } from "../../kit/plain";
import { Radio, RadioGroup } from "../../kit/radio-group";
import { Figure, Label, Small } from "../../kit/text";
import { TextEntry } from "../../kit/text-entry";
import { useLayout } from "../../kit/wide";
import { useAfterFirstPaint } from "../../kit/use-after-first-paint";
import { LeafView } from "../../draw/leaf-view";
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

const LEAF = {
  ...PLAIN_PLATE,
  minWidth: 64,
  minHeight: 52,
  padding: "0 8px",
  textAlign: "center",
  border: "1px solid var(--line)",
  background: "var(--plate)",
} as const satisfies CSSProperties;

const CHOSEN = {
  ...LEAF,
  borderColor: "var(--ink)",
  background: "var(--ink)",
} as const satisfies CSSProperties;

/** Not what is being typed: it stands back, in its place. */
const BACK = {
  ...LEAF,
  borderColor: "transparent",
} as const satisfies CSSProperties;

const MARK = {
  ...PLAIN_FIGURE,
  fontSize: "1.125rem",
} as const satisfies CSSProperties;
const MARK_BACK = { ...MARK, fontWeight: 500, color: "var(--quiet)" } as const;
const MARK_CHOSEN = { ...MARK, color: "var(--card)" } as const;
const UNIT_CHOSEN = { ...PLAIN_LABEL, color: "var(--card)" } as const;

/** A leaf as it is stamped. */
function LeafFace({ leaf, chosen, back }: { leaf: LeafMark; chosen: boolean; back: boolean }) {
  const [figure, unit] = leafWords(leaf).split(" ");
  return (
    <span style={chosen ? CHOSEN : back ? BACK : LEAF}>
      <span style={chosen ? MARK_CHOSEN : back ? MARK_BACK : MARK}>{figure}</span>
      <span style={chosen ? UNIT_CHOSEN : PLAIN_LABEL}>{unit}</span>
    </span>
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
          <Radio key={leafWords(leaf)} value={leafWords(leaf)} says={`${leafWords(leaf)} leaf`}>
            {(isChosen) => (
              <LeafFace leaf={leaf} chosen={isChosen} back={!isAmong(leaf, matching)} />
            )}
          </Radio>
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
  const shown = differentPitches(candidates).slice(0, wide ? VIEWS_WHEN_WIDE : VIEWS_ON_PHONE);
  return (
    <View gap={6}>
      {shown.map(({ thread }) => (
        <LeafView key={thread.id} leaf={leaf} leafAngleDeg={angle} thread={thread} units={units} />
      ))}
    </View>
  );
}

const VIEWS_WHEN_WIDE = 3;
const VIEWS_ON_PHONE = 2;

/** The leaves of the gauge, likeliest first; pick one, then say whether it drops in. */
export function LeafPicker({ candidates, units, onDone }: LeafPickerProps) {
  const { wide } = useLayout();
  // The likeliest are there with the panel; the rest of the gauge follows in the next frame.
  const later = useAfterFirstPaint();
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
  const { tools } = useSettings();
  const gauge = oneGaugeOf(tools);
  const take = (leaf: LeafMark, outcome: LeafOutcome) => {
    const over = {
      ...(engaged === undefined ? {} : { threadsEngaged: Number(engaged) }),
      ...(gauge === undefined ? {} : { gauge }),
    };
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
      {groups.slice(0, later ? groups.length : 1).map((group) => (
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
