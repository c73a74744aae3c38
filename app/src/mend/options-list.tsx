import type { Units } from "@root-gauge/core";
import type { RepairOption } from "@root-gauge/core/repair";
import {
  MEND_SENTENCES,
  repairReasonWords,
  repairTitleWords,
  repairToolWords,
} from "@root-gauge/core/repair-words";
import { View } from "@tamagui/core";
import { useState } from "react";
import { chooseRepair } from "../data/mend-state";
import { Pressable } from "../kit/pressable";
import { Card } from "../kit/surface";
import { Body, Figure, Heading, Small } from "../kit/text";
import { VerdictMark } from "../kit/verdict-mark";
import { optionKey } from "./option-key";

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
  const { strengthRatio } = option;
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
          <Figure flex={1} fontSize={20} lineHeight={24}>
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
        ? options.map((option) => {
            const [refusal] = option.reasons;
            return (
              <Card key={optionKey(option)} gap={2}>
                <Figure>{repairTitleWords(option)}</Figure>
                <Small>{refusal === undefined ? "" : repairReasonWords(refusal, units)}</Small>
              </Card>
            );
          })
        : null}
    </View>
  );
}

export interface OptionsListProps {
  readonly options: readonly RepairOption[];
  readonly chosen: RepairOption | undefined;
  readonly units: Units;
}

/** What may be done, the best on top, and what is refused with its reason. */
export function OptionsList({ options, chosen, units }: OptionsListProps) {
  const offered = options.filter(({ verdict }) => verdict !== "refused");
  const refused = options.filter(({ verdict }) => verdict === "refused");
  return (
    <View gap={8} role="region" aria-label="What may be done">
      <Heading>What may be done</Heading>
      {offered.length === 0 ? <Body role="status">{MEND_SENTENCES.nothing}</Body> : null}
      {offered.map((option) => (
        <OptionPlate
          key={optionKey(option)}
          option={option}
          units={units}
          chosen={option === chosen}
        />
      ))}
      <Refused options={refused} units={units} />
      <Small>{MEND_SENTENCES.estimates}</Small>
    </View>
  );
}
