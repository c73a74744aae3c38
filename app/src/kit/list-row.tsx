import { Pressable, type PressableProps } from "./pressable";

/** A row of a list that opens what it names: a raised plate that can be touched anywhere. */
export function ListRow({ onPress, children }: Pick<PressableProps, "onPress" | "children">) {
  return (
    <Pressable
      flexDirection="row"
      alignItems="center"
      justifyContent="flex-start"
      gap={10}
      padding={12}
      marginBottom={8}
      borderWidth={1}
      borderColor="$line"
      backgroundColor="$card"
      onPress={onPress}
    >
      {children}
    </Pressable>
  );
}
