import { View } from "@tamagui/core";
import { Pressable } from "./pressable";
import { Figure } from "./text";

export interface ChoiceChipsProps<Value extends string> {
  /** What is being chosen, for a screen reader. */
  readonly name: string;
  readonly value: Value | undefined;
  readonly choices: readonly { readonly value: Value; readonly label: string }[];
  /** Called with undefined when the chosen one is pressed again or "all" is. */
  readonly onChange: (value: Value | undefined) => void;
  /** The word for no choice made. */
  readonly all: string;
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
    { value: undefined, label: all },
    ...choices,
  ];
  return (
    <View role="radiogroup" aria-label={name} flexDirection="row" flexWrap="wrap" gap={8}>
      {shown.map((choice) => {
        const chosen = choice.value === value;
        return (
          <Pressable
            key={choice.label}
            role="radio"
            aria-checked={chosen}
            paddingHorizontal={12}
            borderWidth={1}
            borderColor="$edge"
            backgroundColor={chosen ? "$ink" : "$card"}
            onPress={() => onChange(choice.value)}
          >
            <Figure color={chosen ? "$card" : "$ink"}>{choice.label}</Figure>
          </Pressable>
        );
      })}
    </View>
  );
}
