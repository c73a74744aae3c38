import type { CSSProperties } from "react";
import { PLAIN_FIGURE, PLAIN_PLATE } from "./plain";
import { Radio, RadioGroup } from "./radio-group";

const PART = {
  ...PLAIN_FIGURE,
  ...PLAIN_PLATE,
  flexGrow: 1,
  minWidth: 48,
  padding: "0 12px",
  borderRadius: 0,
  textAlign: "center",
  background: "var(--card)",
  outlineOffset: -5,
} as const satisfies CSSProperties;

const CHOSEN = {
  ...PART,
  background: "var(--ink)",
  color: "var(--card)",
} as const satisfies CSSProperties;

const FILLING = { flexGrow: 1 } as const satisfies CSSProperties;
const NOT_FILLING = { flexGrow: 0 } as const satisfies CSSProperties;

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
      {choices.map((choice) => (
        <Radio key={choice.value} value={choice.value} style={fill ? FILLING : NOT_FILLING}>
          {(chosen) => <span style={chosen ? CHOSEN : PART}>{choice.label}</span>}
        </Radio>
      ))}
    </RadioGroup>
  );
}
