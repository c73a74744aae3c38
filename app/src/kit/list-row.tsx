import { Pressable, type PressableProps } from "./pressable";

/** A row of a list that opens what it names: a raised plate that can be touched anywhere. */
export function ListRow({
  onPress,
  chosen = false,
  children,
}: Pick<PressableProps, "onPress" | "children"> & {
  /** Whether what it names stands beside the list. */
  readonly chosen?: boolean;
}) {
  return (
    <Pressable
      flexDirection="row"
      alignItems="center"
      justifyContent="flex-start"
      gap={10}
      padding={12}
      marginBottom={8}
      borderWidth={1}
      borderColor={chosen ? "$brass" : "$line"}
      aria-current={chosen ? "true" : undefined}
      backgroundColor="$card"
      onPress={onPress}
    >
      {children}
    </Pressable>
  );
}
