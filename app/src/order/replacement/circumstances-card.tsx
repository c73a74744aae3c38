import { upperFirst } from "@root-gauge/core";
import {
  DUTIES,
  ENVIRONMENTS,
  PART_METALS,
  type Circumstances,
} from "@root-gauge/core/catalogue/circumstances";
import { DUTY_WORDS, ENVIRONMENT_WORDS, PART_METAL_WORDS } from "@root-gauge/core/say/sheet";
import { LabelledChips } from "../../kit/labelled-chips";
import { Card } from "../../kit/surface";
import { Heading } from "../../kit/text";

function choices<Value extends string>(
  values: readonly Value[],
  words: Readonly<Record<Value, string>>,
) {
  return values.map((value) => ({ value, label: upperFirst(words[value]) }));
}

const DUTY_CHOICES = choices(DUTIES, DUTY_WORDS);
const PLACE_CHOICES = choices(ENVIRONMENTS, ENVIRONMENT_WORDS);
const METAL_CHOICES = choices(PART_METALS, PART_METAL_WORDS);

export interface CircumstancesCardProps {
  readonly value: Circumstances;
  readonly onChange: (value: Circumstances) => void;
}

/** What the joint does and where it is: it decides what may go in. */
export function CircumstancesCard({ value, onChange }: CircumstancesCardProps) {
  return (
    <Card gap={10} data-print="no">
      <Heading>The joint</Heading>
      <LabelledChips
        name="What hangs on it"
        value={value.duty}
        choices={DUTY_CHOICES}
        onChange={(duty = "ordinary") => onChange({ ...value, duty })}
      />
      <LabelledChips
        name="Where it is"
        value={value.environment}
        choices={PLACE_CHOICES}
        onChange={(environment = "indoor") => onChange({ ...value, environment })}
      />
      <LabelledChips
        name="What it stands in"
        value={value.metal}
        choices={METAL_CHOICES}
        onChange={(metal = "steel") => onChange({ ...value, metal })}
      />
    </Card>
  );
}
