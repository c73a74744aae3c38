import { Pressable } from "../kit/pressable";
import { Figure } from "../kit/text";

/** The edge of a tag on marking blue: solid when its figure is known, dashed when not. */
export const edgeOfTag = (known: boolean) =>
  ({
    borderWidth: 2,
    borderStyle: known ? "solid" : "dashed",
    borderColor: "$scribe",
    backgroundColor: known ? "$scribe" : "$marking",
  }) as const;

export interface FlowTagProps {
  readonly label: string;
  /** Absent while nothing was read. */
  readonly figure?: string | undefined;
  /** Whether what it opens is open, where that stands under it. */
  readonly open?: boolean;
  readonly onPress: () => void;
}

/** A tag that stands among others in lines, with nothing cut short: for large text. */
export function FlowTag({ label, figure, open, onPress }: FlowTagProps) {
  const known = figure !== undefined;
  return (
    <Pressable
      paddingHorizontal={8}
      {...edgeOfTag(known)}
      focusVisibleStyle={{ outlineColor: "$scribe" }}
      aria-expanded={open}
      onPress={onPress}
    >
      <Figure color={known ? "$onScribe" : "$scribe"}>{`${label} ${figure ?? "?"}`}</Figure>
    </Pressable>
  );
}
