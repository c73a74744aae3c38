import { View } from "@tamagui/core";
import { ChoiceChips, type ChoiceChipsProps } from "./choice-chips";
import { Label } from "./text";

/** One of many, under the name of what is chosen. */
export function LabelledChips<Value extends string>(props: ChoiceChipsProps<Value>) {
  return (
    <View gap={4}>
      <Label>{props.name}</Label>
      <ChoiceChips {...props} />
    </View>
  );
}
