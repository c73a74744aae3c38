import type { Units } from "@root-gauge/core";
import { type Damage, type RepairOption, optionKey } from "@root-gauge/core/mend/repair";
import { optionFigures, repairTitleWords } from "@root-gauge/core/say/mend";
import { View } from "@tamagui/core";
import { useState } from "react";
import { LabelledChips } from "../../kit/labelled-chips";
import { Card } from "../../kit/surface";
import { Figure, Heading, Label } from "../../kit/text";
import { HalfPlate } from "./hole-picture";

interface CompareProps {
  readonly damage: Damage;
  readonly options: readonly RepairOption[];
  readonly chosen: RepairOption;
  readonly units: Units;
}

function Rows({ one, other, units }: { one: RepairOption; other: RepairOption; units: Units }) {
  const against = optionFigures(other, units);
  return (
    <View>
      {optionFigures(one, units).map(([name, figure], i) => (
        <View key={name} paddingVertical={4} borderTopWidth={1} borderColor="$line">
          <Label>{name}</Label>
          <View flexDirection="row" gap={8}>
            <Figure flex={1}>{figure === "" ? "–" : figure}</Figure>
            <Figure flex={1}>{against[i]?.[1] === "" ? "–" : against[i]?.[1]}</Figure>
          </View>
        </View>
      ))}
    </View>
  );
}

/** Two repairs side by side: each drawn in place, and their figures in line. */
export function CompareOptions({ damage, options, chosen, units }: CompareProps) {
  const others = options.filter((option) => option !== chosen && option.verdict !== "refused");
  const [key, setKey] = useState<string>();
  const other = others.find((option) => optionKey(option) === key) ?? others[0];
  if (other === undefined) return null;
  return (
    <Card gap={8} role="region" aria-label="Two repairs compared">
      <Heading>Two beside each other</Heading>
      {others.length < 2 ? null : (
        <LabelledChips
          name={`${repairTitleWords(chosen)}, against`}
          value={optionKey(other)}
          choices={others.map((option) => ({
            value: optionKey(option),
            label: repairTitleWords(option),
          }))}
          onChange={setKey}
        />
      )}
      <View flexDirection="row" gap={8}>
        {[chosen, other].map((option) => (
          <HalfPlate
            key={optionKey(option)}
            damage={damage}
            after={option}
            only="after"
            title={repairTitleWords(option)}
            says={`As it will be: ${repairTitleWords(option)}`}
          />
        ))}
      </View>
      <Rows one={chosen} other={other} units={units} />
    </Card>
  );
}
