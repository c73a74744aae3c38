import type { Units } from "@root-gauge/core";
import { optionKey, type RepairOption } from "@root-gauge/core/mend/repair";
import {
  MEND_SENTENCES,
  headFacts,
  lostChoiceWords,
  mostHeldWords,
  repairReasonWords,
  repairTitleWords,
  repairToolWords,
} from "@root-gauge/core/say/mend";
import { View } from "@tamagui/core";
import { useState } from "react";
import { chooseRepair } from "../../data/kept/mend-state";
import { Facts } from "../../kit/facts";
import { Pressable } from "../../kit/pressable";
import { Card } from "../../kit/surface";
import { Body, Figure, Heading, Small } from "../../kit/text";
import { VerdictMark } from "../../kit/verdict-mark";

const ratioWords = (ratio: number) => `${Math.round(ratio * 100)} %`;

function missingTools({ needs }: RepairOption): string {
  return needs
    .filter(({ owned }) => owned === false)
    .map((tool) => repairToolWords(tool))
    .join(", ");
}

interface PlateProps {
  readonly option: RepairOption;
  readonly units: Units;
  readonly chosen: boolean;
}

/** A repair as a plate: what it is, why it stands where it does, what it holds against the sound thread. */
function OptionPlate({ option, units, chosen }: PlateProps) {
  const { strengthRatio, head } = option;
  const missing = missingTools(option);
  return (
    <Pressable
      padding={12}
      borderWidth={chosen ? 2 : 1}
      borderColor={chosen ? "$edge" : "$line"}
      backgroundColor="$card"
      aria-pressed={chosen}
      onPress={() => chooseRepair(optionKey(option))}
    >
      <View gap={4}>
        <View flexDirection="row" gap={8} alignItems="baseline">
          <Figure flex={1} fontSize="$heading" lineHeight="$heading">
            {repairTitleWords(option)}
          </Figure>
          {strengthRatio === undefined ? null : (
            <Figure color={strengthRatio >= 1 ? "$settled" : "$ink"}>
              {ratioWords(strengthRatio)}
            </Figure>
          )}
        </View>
        <Small>{option.reasons.map((reason) => repairReasonWords(reason, units)).join(" ")}</Small>
        {missing === "" ? null : <Small color="$ink">{`Missing: ${missing}`}</Small>}
        {chosen && head !== undefined ? <Facts facts={headFacts(head, units)} /> : null}
      </View>
    </Pressable>
  );
}

function Refused({ options, units }: { options: readonly RepairOption[]; units: Units }) {
  const [open, setOpen] = useState(false);
  if (options.length === 0) return null;
  return (
    <View gap={8}>
      <Pressable
        flexDirection="row"
        justifyContent="flex-start"
        alignItems="center"
        gap={8}
        aria-expanded={open}
        onPress={() => setOpen(!open)}
      >
        <VerdictMark verdict="contradictory" />
        <Figure textDecorationLine="underline">{`Refused: ${options.length}`}</Figure>
      </Pressable>
      {open
        ? options.map((option) => (
            <Card key={optionKey(option)} gap={2}>
              <Figure>{repairTitleWords(option)}</Figure>
              {option.reasons.slice(0, 1).map((reason) => (
                <Small key={reason.code} color="$ink">
                  {repairReasonWords(reason, units)}
                </Small>
              ))}
            </Card>
          ))
        : null}
    </View>
  );
}

export interface OptionsListProps {
  readonly options: readonly RepairOption[];
  readonly chosen: RepairOption | undefined;
  /** What had been chosen and is refused now. */
  readonly lost: RepairOption | undefined;
  /** Which class it is held against, where nobody said one. */
  readonly counted: string | undefined;
  readonly units: Units;
}

/** What may be done, the best on top, and what is refused with its reason. */
export function OptionsList({ options, chosen, lost, counted, units }: OptionsListProps) {
  const offered = options.filter(({ verdict }) => verdict !== "refused");
  const refused = options.filter(({ verdict }) => verdict === "refused");
  const most = mostHeldWords(options, units);
  return (
    <View gap={8} role="region" aria-label="What may be done">
      <Heading>What may be done</Heading>
      {lost === undefined ? null : (
        <Card borderColor="$clash">
          <Body role="alert" color="$clash">
            {lostChoiceWords(lost, chosen, units)}
          </Body>
        </Card>
      )}
      {offered.length === 0 ? <Body role="status">{MEND_SENTENCES.nothing}</Body> : null}
      {most === undefined ? null : <Body role="status">{most}</Body>}
      {counted === undefined ? null : <Small color="$ink">{counted}</Small>}
      {offered.map((option) => (
        <OptionPlate
          key={optionKey(option)}
          option={option}
          units={units}
          chosen={chosen !== undefined && optionKey(option) === optionKey(chosen)}
        />
      ))}
      <Refused options={refused} units={units} />
      <Small>{MEND_SENTENCES.estimates}</Small>
    </View>
  );
}
