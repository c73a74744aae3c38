import type { Drawing } from "@root-gauge/core";
import { useTheme, View, type ViewProps } from "@tamagui/core";
import { useState, type ReactNode } from "react";
import Svg from "react-native-svg";
import { Marks } from "./marks";

export interface PlateProps<Drawn extends Drawing> extends Omit<ViewProps, "children"> {
  /** What it shows, for who cannot see it. */
  readonly says: string | ((drawing: Drawn | undefined) => string);
  /** Lays the drawing out in the width there is. */
  readonly draw: (width: number) => Drawn;
  /** The height until the width is known, and after it where it does not follow the drawing's own. */
  readonly height: number;
  readonly followsDrawing?: boolean;
  /** Metal held against a light, dark on bright. */
  readonly againstLight?: boolean;
  /** What stands under or over the drawing, once it is laid out. */
  readonly children?: (drawing: Drawn | undefined) => ReactNode;
}

/** A drawing on marking blue, as wide as its place. */
export function Plate<Drawn extends Drawing>(props: PlateProps<Drawn>) {
  const { says, draw, height, followsDrawing = false, againstLight = false, ...others } = props;
  const { children, ...rest } = others;
  const theme = useTheme();
  const [width, setWidth] = useState(0);
  const drawing = width === 0 ? undefined : draw(width);
  const tall = followsDrawing && drawing !== undefined ? drawing.height : height;
  return (
    <View backgroundColor="$marking" borderRadius={4} overflow="hidden" {...rest}>
      <View
        height={tall}
        role="img"
        aria-label={typeof says === "string" ? says : says(drawing)}
        backgroundColor={againstLight ? "$scribe" : "$marking"}
        onLayout={(event) => setWidth(event.nativeEvent.layout.width)}
      >
        {drawing === undefined ? null : (
          <Svg width={width} height={drawing.height} aria-hidden>
            <Marks
              marks={drawing.marks}
              colour={theme[againstLight ? "marking" : "scribe"].val}
              cut={theme.cutOnMarking.val}
            />
          </Svg>
        )}
      </View>
      {children?.(drawing)}
    </View>
  );
}
