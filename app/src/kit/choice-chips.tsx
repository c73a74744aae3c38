import { ChoiceFace } from "./choice-face";
import { Radio, RadioGroup } from "./radio-group";

export interface ChoiceChipsProps<Value extends string> {
  /** What is being chosen, for a screen reader. */
  readonly name: string;
  readonly value: Value | undefined;
  readonly choices: readonly { readonly value: Value; readonly label: string }[];
  /** Called with undefined when "all" is chosen. */
  readonly onChange: (value: Value | undefined) => void;
  /** The word for no choice made; without it one is always chosen. */
  readonly all?: string;
  /** Called when the choice is pressed once more. */
  readonly onAgain?: () => void;
}

/** Stands for no choice made: no choice is called so. */
const ALL = "\u0000all";

/** One of many, or all of them, as plates that wrap. Arrows move the choice; the group is one stop of Tab. */
export function ChoiceChips<Value extends string>({
  name,
  value,
  choices,
  onChange,
  all,
  onAgain,
}: ChoiceChipsProps<Value>) {
  const shown: readonly { value: string; label: string }[] = [
    ...(all === undefined ? [] : [{ value: ALL, label: all }]),
    ...choices,
  ];
  const choose = (chosen: string) =>
    onChange(choices.find((choice) => choice.value === chosen)?.value);
  return (
    <RadioGroup
      name={name}
      value={value ?? ALL}
      onChoose={choose}
      flexDirection="row"
      flexWrap="wrap"
      gap={8}
    >
      {shown.map((choice) => (
        <Radio key={choice.label} value={choice.value} onAgain={onAgain}>
          {(chosen) => <ChoiceFace label={choice.label} chosen={chosen} />}
        </Radio>
      ))}
    </RadioGroup>
  );
}
