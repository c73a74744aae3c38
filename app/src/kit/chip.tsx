import { Pressable, type PressableProps } from "./pressable";
import { Figure } from "./text";

export interface ChipProps extends PressableProps {
  readonly label: string;
  readonly chosen: boolean;
}

/** A plate that is chosen, filled, or not; what it is, a radio or a checkbox, is for its group to say. */
export function Chip({ label, chosen, ...rest }: ChipProps) {
  return (
    <Pressable
      paddingHorizontal={12}
      borderWidth={1}
      borderColor="$edge"
      backgroundColor={chosen ? "$ink" : "$card"}
      {...rest}
    >
      <Figure color={chosen ? "$card" : "$ink"}>{label}</Figure>
    </Pressable>
  );
}
