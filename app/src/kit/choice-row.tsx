import { View } from "@tamagui/core";
import { Pressable } from "./pressable";
import { Figure } from "./text";

export interface ChoiceRowProps<Value extends string> {
  /** What is being chosen, for a screen reader. */
  readonly name: string;
  readonly value: Value;
  readonly choices: readonly { readonly value: Value; readonly label: string }[];
  readonly onChange: (value: Value) => void;
  /** Fill the width in equal parts. */
  readonly fill?: boolean;
}

/** One of a few, side by side in one frame; the chosen one is filled. */
export function ChoiceRow<Value extends string>({
  name,
  value,
  choices,
  onChange,
  fill = false,
}: ChoiceRowProps<Value>) {
  return (
    <View
      role="radiogroup"
      aria-label={name}
      flexDirection="row"
      borderWidth={1}
      borderColor="$edge"
      borderRadius={4}
      overflow="hidden"
      flexGrow={fill ? 1 : 0}
    >
      {choices.map((choice) => {
        const chosen = choice.value === value;
        return (
          <Pressable
            key={choice.value}
            role="radio"
            aria-checked={chosen}
            flexGrow={fill ? 1 : 0}
            minWidth={48}
            paddingHorizontal={12}
            borderRadius={0}
            backgroundColor={chosen ? "$ink" : "$card"}
            focusVisibleStyle={{ outlineOffset: -5 }}
            onPress={() => onChange(choice.value)}
          >
            <Figure textAlign="center" color={chosen ? "$card" : "$ink"}>
              {choice.label}
            </Figure>
          </Pressable>
        );
      })}
    </View>
  );
}
