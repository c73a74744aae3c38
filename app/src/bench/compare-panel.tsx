import { compareThreads } from "@root-gauge/core/identify/look-alikes";
import { dangerWords, tellApartWords } from "@root-gauge/core/say/charts";
import { reasonWords, threadName, type Candidate, type Units } from "@root-gauge/core";
import { PANEL_SENTENCES } from "@root-gauge/core/say/bench";
import { View } from "@tamagui/core";
import { useRouter } from "expo-router";
import { useState } from "react";
import { PitchDrift } from "../draw/pitch-drift";
import { ProfileOverlay } from "../draw/profile-overlay";
import { ActionButton } from "../kit/action-button";
import { ChoiceChips } from "../kit/choice-chips";
import { Panel } from "../kit/panel";
import { Body, Figure, Label, Small } from "../kit/text";
import { VerdictMark } from "../kit/verdict-mark";
import { comparePath } from "../shell/links";

interface ComparePanelProps {
  /** The threads that are not ruled out, most likely first. */
  readonly candidates: readonly Candidate[];
  readonly units: Units;
  readonly onClose: () => void;
}

/** As many to choose from as fit over the comparison. */
const MOST_CHOICES = 6;

function Reasons({ candidate, units }: { candidate: Candidate; units: Units }) {
  return (
    <View flex={1} minWidth={150} gap={4}>
      <Figure fontSize="$name" lineHeight="$name">
        {threadName(candidate.thread)}
      </Figure>
      {candidate.reasons.map((reason, i) => (
        <Small key={i}>{reasonWords(reason, units)}</Small>
      ))}
    </View>
  );
}

function Choice({
  name,
  value,
  others,
  onChange,
}: {
  name: string;
  value: Candidate;
  others: readonly Candidate[];
  onChange: (id: string) => void;
}) {
  return (
    <View gap={4}>
      <Label>{name}</Label>
      <ChoiceChips
        name={name}
        value={value.thread.id}
        choices={others.map(({ thread }) => ({ value: thread.id, label: thread.designation }))}
        onChange={(id) => onChange(id ?? value.thread.id)}
      />
    </View>
  );
}

/** Two candidates side by side: their profiles to one scale, what tells them apart, how each reading stands to both. */
export function ComparePanel({ candidates, units, onClose }: ComparePanelProps) {
  const router = useRouter();
  const running = candidates.slice(0, MOST_CHOICES);
  const [chosen, setChosen] = useState<{ first?: string; second?: string }>({});
  const first = running.find(({ thread }) => thread.id === chosen.first) ?? running[0];
  const rest = running.filter((candidate) => candidate !== first);
  const second = rest.find(({ thread }) => thread.id === chosen.second) ?? rest[0];
  if (first === undefined || second === undefined) {
    return (
      <Panel title="Compare two" onClose={onClose}>
        <Body>{PANEL_SENTENCES.oneLeft}</Body>
      </Panel>
    );
  }
  const alike = compareThreads(first.thread, second.thread);
  return (
    <Panel title="Compare two" onClose={onClose}>
      <View gap={12}>
        {running.length > 2 ? (
          <>
            <Choice
              name="This one"
              value={first}
              others={running}
              onChange={(id) => setChosen({ ...chosen, first: id })}
            />
            <Choice
              name="against"
              value={second}
              others={rest}
              onChange={(id) => setChosen({ ...chosen, second: id })}
            />
          </>
        ) : null}
        <View flexDirection="row" gap={8} alignItems="flex-start">
          <View paddingTop={2}>
            <VerdictMark
              verdict={alike.asScrew.sound && alike.asNut.sound ? "settled" : "contradictory"}
            />
          </View>
          <Body flex={1}>{dangerWords(alike, first.thread)}</Body>
        </View>
        <Body>{tellApartWords(alike, first.thread, units)}</Body>
        <ProfileOverlay first={first.thread} second={second.thread} units={units} />
        <PitchDrift first={first.thread} second={second.thread} units={units} />
        <View flexDirection="row" flexWrap="wrap" gap={12}>
          <Reasons candidate={first} units={units} />
          <Reasons candidate={second} units={units} />
        </View>
        <ActionButton
          label="All their figures"
          onPress={() => router.push(comparePath(first.thread.id, second.thread.id))}
        />
      </View>
    </Panel>
  );
}
