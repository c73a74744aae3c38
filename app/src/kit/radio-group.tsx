import { View, type ViewProps } from "@tamagui/core";
import { createContext, use, useId, useMemo, type CSSProperties, type ReactNode } from "react";

export interface RadioGroupProps extends ViewProps {
  /** What is being chosen, for a screen reader. */
  readonly name: string;
  readonly value: string | null;
  readonly onChoose: (value: string) => void;
}

interface GroupOfRadios {
  readonly group: string;
  readonly value: string | null;
  readonly onChoose: (value: string) => void;
}

const RadiosOf = createContext<GroupOfRadios | undefined>(undefined);

/** One of many: one stop of Tab, arrows move the choice, as the browser has it. Its children are `Radio`s. */
export function RadioGroup({ name, value, onChoose, children, ...view }: RadioGroupProps) {
  const group = useId();
  const radios = useMemo(() => ({ group, value, onChoose }), [group, value, onChoose]);
  return (
    <View role="radiogroup" aria-label={name} {...view}>
      <RadiosOf value={radios}>{children}</RadiosOf>
    </View>
  );
}

export interface RadioProps {
  readonly value: string;
  /** What a screen reader says, when the words on it are too short. */
  readonly says?: string;
  /** Called when the choice is pressed once more. */
  readonly onAgain?: (() => void) | undefined;
  readonly style?: CSSProperties;
  /** What is seen of it, chosen or not. */
  readonly children: (chosen: boolean) => ReactNode;
}

/** One choice of a `RadioGroup`: a radio of the browser's own lies unseen over what is touched. */
export function Radio({ value, says, onAgain, style, children }: RadioProps) {
  const radios = use(RadiosOf);
  const chosen = radios?.value === value;
  return (
    <label className="choice" style={style}>
      <input
        type="radio"
        name={radios?.group}
        value={value}
        checked={chosen}
        aria-label={says}
        onChange={() => radios?.onChoose(value)}
        onClick={() => {
          if (chosen) onAgain?.();
        }}
      />
      {children(chosen)}
    </label>
  );
}
