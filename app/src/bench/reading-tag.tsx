import { View } from "@tamagui/core";
import { edgeOfTag } from "../draw/flow-tag";
import { Pressable } from "../kit/pressable";
import { Figure, ForScreenReader, Label } from "../kit/text";

export interface ReadingTagProps {
  readonly label: string;
  /** Absent while nothing was read. */
  readonly figure?: string | undefined;
  /** What a low tag shows: the figure where it is short, else what is read there. */
  readonly short: string;
  readonly left: number;
  readonly top: number;
  readonly width: number;
  /** How much larger than usual the text is. */
  readonly scale: number;
  readonly onPress: () => void;
}

export const TAG_HEIGHT = 52;
/** A tag of the strip as it is drawn; it is touched as high as anything else. */
export const LOW_TAG = 28;
const TOUCHED = 44;

/** A tag on the drawing: solid with its figure when known, dashed when not. Touching it takes the reading. */
export function ReadingTag(props: ReadingTagProps) {
  const { label, figure, left, top, width, scale, onPress } = props;
  const known = figure !== undefined;
  return (
    <Pressable
      position="absolute"
      left={left}
      top={top}
      width={width}
      height={TAG_HEIGHT * scale}
      paddingHorizontal={10}
      {...edgeOfTag(known)}
      focusVisibleStyle={{ outlineColor: "$scribe" }}
      onPress={onPress}
    >
      <View>
        <Label color={known ? "$quietOnScribe" : "$scribe"} numberOfLines={1}>
          {label}
        </Label>
        <Figure
          fontSize="$heading"
          lineHeight="$heading"
          numberOfLines={1}
          color={known ? "$onScribe" : "$scribe"}
        >
          {figure ?? "?"}
        </Figure>
      </View>
    </Pressable>
  );
}

/** The same on the strip: drawn low, touched 44 high. */
export function LowTag(props: ReadingTagProps & { readonly above: boolean }) {
  const { label, figure, short, left, top, width, scale, above, onPress } = props;
  const known = figure !== undefined;
  const low = LOW_TAG * scale;
  const touched = Math.max(TOUCHED, low);
  return (
    <Pressable
      position="absolute"
      left={left}
      top={above ? 0 : top + low - touched + 4}
      width={width}
      height={touched}
      paddingVertical={4}
      alignItems="center"
      justifyContent={above ? "flex-start" : "flex-end"}
      focusVisibleStyle={{ outlineColor: "$scribe", outlineOffset: -3 }}
      onPress={onPress}
    >
      <View
        minHeight={low}
        maxWidth="100%"
        paddingHorizontal={5}
        justifyContent="center"
        borderRadius={4}
        {...edgeOfTag(known)}
      >
        <ForScreenReader>{`${label} ${figure ?? "?"}`}</ForScreenReader>
        <Figure
          aria-hidden
          fontSize="$detail"
          lineHeight="$detail"
          numberOfLines={1}
          color={known ? "$onScribe" : "$scribe"}
        >
          {known ? short : `${short} ?`}
        </Figure>
      </View>
    </Pressable>
  );
}
