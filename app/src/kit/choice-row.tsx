import { Pressable } from "./pressable";
import { Radio, RadioGroup } from "./radio-group";
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

/** One of a few, side by side in one frame; the chosen one is filled. Arrows move the choice. */
export function ChoiceRow<Value extends string>({
  name,
  value,
  choices,
  onChange,
  fill = false,
}: ChoiceRowProps<Value>) {
  return (
    <RadioGroup
      name={name}
      value={value}
      onChoose={(chosen) => {
        const choice = choices.find((one) => one.value === chosen);
        if (choice !== undefined) onChange(choice.value);
      }}
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
          <Radio key={choice.value} value={choice.value}>
            <Pressable
              flexGrow={fill ? 1 : 0}
              minWidth={48}
              paddingHorizontal={12}
              borderRadius={0}
              backgroundColor={chosen ? "$ink" : "$card"}
              focusVisibleStyle={{ outlineOffset: -5 }}
            >
              <Figure textAlign="center" color={chosen ? "$card" : "$ink"}>
                {choice.label}
              </Figure>
            </Pressable>
          </Radio>
        );
      })}
    </RadioGroup>
  );
}
