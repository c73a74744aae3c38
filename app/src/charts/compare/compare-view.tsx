import {
  pairOutcomeWords,
  pairWords,
  compareFacts,
  CHART_SENTENCES,
  type CompareFact,
} from "@root-gauge/core/say/charts";
import { judgePair, type JudgedPair, type Thread, type Units } from "@root-gauge/core";
import { View } from "@tamagui/core";
import { useMemo } from "react";
import { useSettings } from "../../data/kept/settings";
import { PitchDrift } from "../../draw/pitch-drift";
import { ProfileOverlay } from "../../draw/profile-overlay";
import { ActionButton } from "../../kit/action-button";
import { CopyButton } from "../../kit/copy-button";
import { exportCsv } from "../../kit/export-csv";
import { Card } from "../../kit/surface";
import { Body, Figure, Heading, Label } from "../../kit/text";
import { VerdictMark } from "../../kit/verdict-mark";

function WillItGo({ pair, units }: { pair: JudgedPair; units: Units }) {
  const { male, female } = pair;
  return (
    <View flexDirection="row" gap={8} alignItems="flex-start">
      <View paddingTop={2}>
        <VerdictMark verdict={pair.sound ? "settled" : "contradictory"} />
      </View>
      <View flex={1}>
        <Figure>{`${pairOutcomeWords(pair)}: screw ${male.designation}, nut ${female.designation}`}</Figure>
        <Body color="$quiet">{pairWords(pair, units)}</Body>
      </View>
    </View>
  );
}

function FactRow({ fact }: { fact: CompareFact }) {
  return (
    <View role="row" paddingVertical={6} borderTopWidth={1} borderColor="$line" gap={2}>
      <Label role="rowheader">
        {fact.difference === "" ? fact.name : `${fact.name}, second less first ${fact.difference}`}
      </Label>
      <View flexDirection="row" gap={8}>
        <Figure role="cell" flex={1} userSelect="text">
          {fact.first}
        </Figure>
        <Figure role="cell" flex={1} userSelect="text">
          {fact.second}
        </Figure>
      </View>
    </View>
  );
}

/** Two threads against each other: profiles to scale, drift over ten threads, will it go both ways, figures. */
export function CompareView({ first, second }: { first: Thread; second: Thread }) {
  const { units } = useSettings();
  const facts = compareFacts(first, second, units);
  const pairs = useMemo(
    () => [judgePair(first, second), judgePair(second, first)],
    [first, second],
  );
  const asText = () =>
    [
      `${first.designation} against ${second.designation}`,
      ...facts.map((fact) => `${fact.name}: ${fact.first} / ${fact.second}`),
      ...pairs.map((pair) => pairWords(pair, units)),
    ].join("\n");
  return (
    <View gap={12}>
      <ProfileOverlay first={first} second={second} units={units} />
      <PitchDrift first={first} second={second} units={units} />
      <Card gap={12}>
        <Heading>Will it go</Heading>
        {pairs.map((pair) => (
          <WillItGo key={pair.male.id} pair={pair} units={units} />
        ))}
        <Label>{CHART_SENTENCES.usualLimits}</Label>
      </Card>
      <Card role="table" aria-label="Figures side by side">
        <View role="row" flexDirection="row" gap={8} paddingBottom={6}>
          <Figure role="columnheader" flex={1} fontSize="$heading" lineHeight="$heading">
            {first.designation}
          </Figure>
          <Figure role="columnheader" flex={1} fontSize="$heading" lineHeight="$heading">
            {second.designation}
          </Figure>
        </View>
        {facts.map((fact) => (
          <FactRow key={fact.name} fact={fact} />
        ))}
      </Card>
      <View flexDirection="row" flexWrap="wrap" alignItems="flex-start" gap={8}>
        <CopyButton label="Copy the comparison" text={asText} />
        <ActionButton
          label="Export as CSV"
          onPress={() =>
            void exportCsv(
              `${first.designation} and ${second.designation}`,
              ["", first.designation, second.designation, "Second less first"],
              facts.map((fact) => [fact.name, fact.first, fact.second, fact.difference]),
            )
          }
        />
      </View>
    </View>
  );
}
