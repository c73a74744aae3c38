import {
  leafWords,
  pitchWords,
  printLength,
  type MeasuredSizes,
  type Units,
} from "@root-gauge/core";
import { useTheme, View } from "@tamagui/core";
import Svg, { Line } from "react-native-svg";
import { anchorsOf, BoltDrawing, HeadEndView } from "../drawing/bolt-drawing";
import type { BoltShape } from "../drawing/bolt-geometry";
import { fittingScale, PX_PER_MM, scaleWords } from "../drawing/scale";
import { Label } from "../kit/text";
import { ReadingTag, TAG_HEIGHT } from "./reading-tag";

export interface DrawingPanelProps {
  readonly sizes: MeasuredSizes;
  readonly units: Units;
  readonly width: number;
  readonly height: number;
  readonly onTouch: (what: "diameter" | "pitch") => void;
}

/** Threads along a diameter when the pitch is not known: about what a coarse thread has. */
const USUAL_PITCHES_IN_DIAMETER = 7;

const TAG_WIDTH = 136;
const EDGE = 12;
const END_VIEW_ROOM = 84;

interface Placing {
  readonly shape: BoltShape;
  readonly caption: string;
}

/** The bolt at the largest usual scale that fits; before the diameter is known, at no scale. */
function placeBolt({ sizes, width, height }: DrawingPanelProps): Placing {
  const room = Math.min(height * 0.3, width * 0.24);
  const axisY = TAG_HEIGHT + (height - TAG_HEIGHT) * 0.52;
  const ends = { headLeft: 30, axisY, end: width - END_VIEW_ROOM - 26 };
  if (sizes.majorMm === undefined) {
    const shape = { ...ends, major: room * 0.85, pitch: (room * 0.85) / USUAL_PITCHES_IN_DIAMETER };
    return { shape, caption: "not to scale" };
  }
  const scale = fittingScale(sizes.majorMm, room);
  const pxPerMm = scale * PX_PER_MM;
  const pitchMm = sizes.pitchMm ?? sizes.majorMm / USUAL_PITCHES_IN_DIAMETER;
  const shape = { ...ends, major: sizes.majorMm * pxPerMm, pitch: pitchMm * pxPerMm };
  return { shape, caption: sizes.pitchMm === undefined ? "pitch not to scale" : scaleWords(scale) };
}

function pitchFigure(sizes: MeasuredSizes, units: Units): string | undefined {
  if (sizes.leaf !== undefined) return leafWords(sizes.leaf);
  return sizes.pitchMm === undefined ? undefined : pitchWords(sizes.pitchMm, units);
}

/** The part as known so far, in pale lines on marking blue, with a tag at each place where a reading is taken. */
export function DrawingPanel(props: DrawingPanelProps) {
  const { sizes, units, width, height, onTouch } = props;
  const theme = useTheme();
  const scribe = theme.scribe.val;
  const { shape, caption } = placeBolt(props);
  const anchors = anchorsOf(shape);
  const tagTop = 16;
  const diameterLeft = width - EDGE - TAG_WIDTH;
  const pitchLeft = Math.max(
    EDGE,
    Math.min(anchors.pitch.x - TAG_WIDTH / 2, diameterLeft - EDGE - TAG_WIDTH),
  );
  const leaders = [
    { anchor: anchors.pitch, from: pitchLeft + TAG_WIDTH / 2 },
    { anchor: anchors.diameter, from: diameterLeft + TAG_WIDTH / 3 },
  ];
  return (
    <View width={width} height={height} backgroundColor="$marking" overflow="hidden">
      <Svg width={width} height={height} aria-hidden>
        <BoltDrawing
          shape={shape}
          known={{ major: sizes.majorMm !== undefined, pitch: sizes.pitchMm !== undefined }}
          colour={scribe}
        />
        <HeadEndView
          centre={{ x: width - END_VIEW_ROOM / 2 - 6, y: shape.axisY }}
          radius={Math.min(0.885 * shape.major, END_VIEW_ROOM / 2 - 6)}
          colour={scribe}
        />
        {leaders.map(({ anchor, from }) => (
          <Line
            key={from}
            x1={from}
            y1={tagTop + TAG_HEIGHT}
            x2={anchor.x}
            y2={anchor.y}
            stroke={scribe}
            strokeWidth={1}
            strokeOpacity={0.8}
          />
        ))}
      </Svg>
      <View position="absolute" left={EDGE} right={EDGE} bottom={10} flexDirection="row">
        <Label flex={1} color="$scribe">
          As known so far
        </Label>
        <Label color="$scribe">{caption}</Label>
      </View>
      <ReadingTag
        label="pitch"
        figure={pitchFigure(sizes, units)}
        left={pitchLeft}
        top={tagTop}
        width={TAG_WIDTH}
        onPress={() => onTouch("pitch")}
      />
      <ReadingTag
        label="Ø over crests"
        figure={sizes.majorMm === undefined ? undefined : printLength(sizes.majorMm, units)}
        left={diameterLeft}
        top={tagTop}
        width={TAG_WIDTH}
        onPress={() => onTouch("diameter")}
      />
    </View>
  );
}
