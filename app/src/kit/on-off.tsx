import * as Switch from "@radix-ui/react-switch";
import { View } from "@tamagui/core";
import { Pressable } from "./pressable";
import { Figure, Small } from "./text";

interface OnOffProps {
  readonly label: string;
  readonly on: boolean;
  readonly onChange: (on: boolean) => void;
}

/** Something that is switched on or off, with its state as a word. */
export function OnOff({ label, on, onChange }: OnOffProps) {
  return (
    <Switch.Root asChild checked={on} onCheckedChange={onChange}>
      <Pressable flexDirection="row" alignItems="center" justifyContent="flex-start" gap={8}>
        <View flex={1}>
          <Small>{label}</Small>
        </View>
        <Figure
          minWidth={44}
          paddingVertical={4}
          textAlign="center"
          borderWidth={1}
          borderRadius={4}
          borderColor="$edge"
          backgroundColor={on ? "$ink" : "$card"}
          color={on ? "$card" : "$ink"}
        >
          {on ? "on" : "off"}
        </Figure>
      </Pressable>
    </Switch.Root>
  );
}
