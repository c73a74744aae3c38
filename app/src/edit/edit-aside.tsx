import { View } from "@tamagui/core";
import { Pressable } from "../kit/pressable";
import { Figure } from "../kit/text";
import { UnitsSwitch } from "../kit/units-switch";

/** What stands in the head of a record's page: the way to change it, while it is not being changed, and the units. */
export function EditAside({
  editable,
  onEdit,
  units = true,
}: {
  readonly editable: boolean;
  readonly onEdit: () => void;
  /** Not where another head of the same page has them. */
  readonly units?: boolean;
}) {
  return (
    <View flexDirection="row" alignItems="center">
      {editable ? (
        <Pressable paddingHorizontal={8} onPress={onEdit}>
          <Figure textDecorationLine="underline">Edit</Figure>
        </Pressable>
      ) : null}
      {units ? <UnitsSwitch /> : null}
    </View>
  );
}
