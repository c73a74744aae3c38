import { View } from "@tamagui/core";
import { Chip } from "./chip";

export interface ToggleChipsProps<Value extends string> {
  /** What is being chosen, for a screen reader. */
  readonly name: string;
  readonly values: readonly Value[];
  readonly choices: readonly { readonly value: Value; readonly label: string }[];
  readonly onChange: (values: readonly Value[]) => void;
}

/** Any of several; a chosen plate is filled and ticked for a screen reader. */
export function ToggleChips<Value extends string>({
  name,
  values,
  choices,
  onChange,
}: ToggleChipsProps<Value>) {
  return (
    <View role="group" aria-label={name} flexDirection="row" flexWrap="wrap" gap={8}>
      {choices.map(({ value, label }) => {
        const chosen = values.includes(value);
        const next = chosen ? values.filter((one) => one !== value) : [...values, value];
        return (
          <Chip
            key={value}
            role="checkbox"
            aria-checked={chosen}
            label={label}
            chosen={chosen}
            onPress={() => onChange(next)}
          />
        );
      })}
    </View>
  );
}
