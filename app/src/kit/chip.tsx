import { Pressable } from "./pressable";
import { Figure } from "./text";

export interface ChipProps {
  readonly role: "radio" | "checkbox";
  readonly label: string;
  readonly chosen: boolean;
  readonly onPress: () => void;
}

/** A plate that is chosen, filled, or not. */
export function Chip({ role, label, chosen, onPress }: ChipProps) {
  return (
    <Pressable
      role={role}
      aria-checked={chosen}
      paddingHorizontal={12}
      borderWidth={1}
      borderColor="$edge"
      backgroundColor={chosen ? "$ink" : "$card"}
      onPress={onPress}
    >
      <Figure color={chosen ? "$card" : "$ink"}>{label}</Figure>
    </Pressable>
  );
}
