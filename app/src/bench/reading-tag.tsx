import { View } from "@tamagui/core";
import { Pressable } from "../kit/pressable";
import { Figure, Label } from "../kit/text";

export interface ReadingTagProps {
  readonly label: string;
  /** Absent while nothing was read. */
  readonly figure?: string | undefined;
  readonly left: number;
  readonly top: number;
  readonly width: number;
  readonly onPress: () => void;
}

export const TAG_HEIGHT = 52;

/** A tag on the drawing: solid with its figure when known, dashed when not. Touching it takes the reading. */
export function ReadingTag({ label, figure, left, top, width, onPress }: ReadingTagProps) {
  const known = figure !== undefined;
  return (
    <Pressable
      position="absolute"
      left={left}
      top={top}
      width={width}
      height={TAG_HEIGHT}
      paddingHorizontal={10}
      borderWidth={2}
      borderStyle={known ? "solid" : "dashed"}
      borderColor="$scribe"
      backgroundColor={known ? "$scribe" : "$marking"}
      focusVisibleStyle={{ outlineColor: "$scribe" }}
      onPress={onPress}
    >
      <View>
        <Label color={known ? "$quietOnScribe" : "$scribe"} lineHeight={17} numberOfLines={1}>
          {label}
        </Label>
        <Figure
          fontSize={20}
          lineHeight={24}
          numberOfLines={1}
          color={known ? "$onScribe" : "$scribe"}
        >
          {figure ?? "?"}
        </Figure>
      </View>
    </Pressable>
  );
}
