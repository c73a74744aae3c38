import { Pressable } from "../kit/pressable";
import { Figure } from "../kit/text";

/** Begins a change of what the page shows; it stands in the page's head. */
export function EditButton({ onPress }: { onPress: () => void }) {
  return (
    <Pressable paddingHorizontal={8} onPress={onPress}>
      <Figure textDecorationLine="underline">Edit</Figure>
    </Pressable>
  );
}
