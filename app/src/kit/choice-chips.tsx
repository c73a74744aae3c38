import { View } from "@tamagui/core";
import { Chip } from "./chip";

export interface ChoiceChipsProps<Value extends string> {
  /** What is being chosen, for a screen reader. */
  readonly name: string;
  readonly value: Value | undefined;
  readonly choices: readonly { readonly value: Value; readonly label: string }[];
  /** Called with undefined when the chosen one is pressed again or "all" is. */
  readonly onChange: (value: Value | undefined) => void;
  /** The word for no choice made; without it one is always chosen. */
  readonly all?: string;
}

/** One of many, or all of them, as plates that wrap. */
export function ChoiceChips<Value extends string>({
  name,
  value,
  choices,
  onChange,
  all,
}: ChoiceChipsProps<Value>) {
  const shown: readonly { value: Value | undefined; label: string }[] = [
    ...(all === undefined ? [] : [{ value: undefined, label: all }]),
    ...choices,
  ];
  return (
    <View role="radiogroup" aria-label={name} flexDirection="row" flexWrap="wrap" gap={8}>
      {shown.map((choice) => (
        <Chip
          key={choice.label}
          role="radio"
          label={choice.label}
          chosen={choice.value === value}
          onPress={() => onChange(choice.value)}
        />
      ))}
    </View>
  );
}
