import {
  angleWords,
  leafWords,
  pitchWords,
  printLength,
  type MeasuredSizes,
  type Reading,
  type Units,
} from "@root-gauge/core";
import { useTheme, View } from "@tamagui/core";
import Svg, { Line } from "react-native-svg";
import { anchorsOf, BoltDrawing, HeadEndView } from "../drawing/bolt-drawing";
import { ACROSS_CORNERS, type BoltShape, type Point } from "../drawing/bolt-geometry";
import { fittingScale, PX_PER_MM, scaleWords } from "../drawing/scale";
import { Label } from "../kit/text";
import { lastReading } from "./last-reading";
import { ReadingTag, TAG_HEIGHT } from "./reading-tag";

export interface DrawingPanelProps {
  readonly sizes: MeasuredSizes;
  readonly units: Units;
  readonly width: number;
  readonly height: number;
  readonly readings: readonly Reading[];
  readonly onTouch: (what: "diameter" | "pitch" | "form") => void;
}

/** Threads along a diameter when the pitch is not known: about what a coarse thread has. */
const USUAL_PITCHES_IN_DIAMETER = 7;

const MOST_TAG_WIDTH = 136;
const FORM_TAG_WIDTH = 92;
const TAG_GAP = 8;
const EDGE = 12;
const END_VIEW_ROOM = 84;
const CAPTION_ROOM = 28;
/** From the tags down to the outline: room for the pitch's dimension line and for the leaders. */
const LEADER_ROOM = 60;

/** From this height the end view of the head stands under the bolt instead of beside it. */
const TALL = 420;

const HALF_CORNERS = ACROSS_CORNERS / 2;
const HEAD_LEFT = 30;

/** Where the axis lies in a tall panel, as a share of its height, and the gap from the head to its end view. */
const TALL_AXIS = 0.38;
const END_VIEW_GAP = 56;

/** The largest diameter at which head, gap and end view stand between the axis and the caption of a tall panel. */
function tallRoom(height: number): number {
  const below = height * (1 - TALL_AXIS) - END_VIEW_GAP - CAPTION_ROOM - EDGE;
  return below / (3 * HALF_CORNERS);
}

interface Placing {
  readonly shape: BoltShape;
  readonly tagTop: number;
  readonly endView: { readonly centre: Point; readonly radius: number };
  readonly caption: string;
}

/** The bolt at the largest usual scale that fits; before the diameter is known, at no scale. */
function sizedBolt(
  sizes: MeasuredSizes,
  room: number,
): Pick<BoltShape, "major" | "pitch"> & { caption: string } {
  if (sizes.majorMm === undefined) {
    const major = room * 0.85;
    return { major, pitch: major / USUAL_PITCHES_IN_DIAMETER, caption: "not to scale" };
  }
  const scale = fittingScale(sizes.majorMm, room);
  const pxPerMm = scale * PX_PER_MM;
  const pitchMm = sizes.pitchMm ?? sizes.majorMm / USUAL_PITCHES_IN_DIAMETER;
  const caption = sizes.pitchMm === undefined ? "pitch not to scale" : scaleWords(scale);
  return { major: sizes.majorMm * pxPerMm, pitch: pitchMm * pxPerMm, caption };
}

function placeBolt({ sizes, width, height }: DrawingPanelProps): Placing {
  const tall = height >= TALL;
  const room = tall ? tallRoom(height) : height * 0.33;
  const { caption, ...drawn } = sizedBolt(sizes, Math.min(room, width * 0.25));
  const corner = HALF_CORNERS * drawn.major;
  const axisY = tall
    ? height * TALL_AXIS
    : TAG_HEIGHT + (height - TAG_HEIGHT - CAPTION_ROOM) * 0.58;
  const tagTop = tall
    ? Math.max(EDGE, axisY - drawn.major / 2 - LEADER_ROOM - TAG_HEIGHT - 40)
    : 16;
  const end = width - (tall ? 40 : END_VIEW_ROOM + 26);
  const endView = tall
    ? { centre: { x: HEAD_LEFT + corner, y: axisY + 2 * corner + END_VIEW_GAP }, radius: corner }
    : {
        centre: { x: width - END_VIEW_ROOM / 2 - 6, y: axisY },
        radius: Math.min(corner, END_VIEW_ROOM / 2 - 6),
      };
  const teeth = sizes.pitchMm !== undefined;
  return { shape: { ...drawn, teeth, headLeft: HEAD_LEFT, axisY, end }, tagTop, endView, caption };
}

/** A leaf keeps the mark it is stamped with; the label then gives the pitch in the units asked for. */
function pitchTag(sizes: MeasuredSizes, units: Units): { label: string; figure?: string } {
  if (sizes.pitchMm === undefined) return { label: "pitch" };
  const figure = pitchWords(sizes.pitchMm, units);
  const mark = sizes.leaf === undefined ? figure : leafWords(sizes.leaf);
  return { label: mark === figure ? "pitch" : `pitch, ${figure}`, figure: mark };
}

/** The form as it was seen: the flank angle, the taper, or the angle with the taper in the label's place. */
function formTag(readings: readonly Reading[]): { label: string; figure?: string } {
  const angle = lastReading(readings, "flank-angle");
  const taper = lastReading(readings, "taper");
  const along = taper === undefined ? undefined : taper.tapered ? "tapered" : "parallel";
  if (angle === undefined)
    return along === undefined ? { label: "form" } : { label: "form", figure: along };
  return { label: along ?? "form", figure: angleWords(angle.degrees) };
}

/** The part as known so far, in pale lines on marking blue, with a tag at each place where a reading is taken. */
export function DrawingPanel(props: DrawingPanelProps) {
  const { sizes, units, width, height, readings, onTouch } = props;
  const theme = useTheme();
  const scribe = theme.scribe.val;
  const { shape, tagTop, endView, caption } = placeBolt(props);
  const anchors = anchorsOf(shape);
  const tagWidth = Math.min(MOST_TAG_WIDTH, (width - 2 * EDGE - 2 * TAG_GAP - FORM_TAG_WIDTH) / 2);
  const diameterLeft = width - EDGE - tagWidth;
  const pitchLeft = Math.max(
    EDGE + FORM_TAG_WIDTH + TAG_GAP,
    Math.min(anchors.pitch.x - tagWidth / 2, diameterLeft - TAG_GAP - tagWidth),
  );
  const formLeft = Math.max(
    EDGE,
    Math.min(anchors.form.x - FORM_TAG_WIDTH / 2, pitchLeft - TAG_GAP - FORM_TAG_WIDTH),
  );
  const leaders = [
    { anchor: anchors.form, from: formLeft + FORM_TAG_WIDTH / 2 },
    { anchor: anchors.pitch, from: pitchLeft + tagWidth / 2 },
    { anchor: anchors.diameter, from: diameterLeft + tagWidth / 3 },
  ];
  return (
    <View width={width} height={height} backgroundColor="$marking" overflow="hidden">
      <Svg width={width} height={height} aria-hidden>
        <BoltDrawing
          shape={shape}
          known={{ major: sizes.majorMm !== undefined, pitch: sizes.pitchMm !== undefined }}
          colour={scribe}
        />
        <HeadEndView {...endView} colour={scribe} />
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
        {...formTag(readings)}
        left={formLeft}
        top={tagTop}
        width={FORM_TAG_WIDTH}
        onPress={() => onTouch("form")}
      />
      <ReadingTag
        {...pitchTag(sizes, units)}
        left={pitchLeft}
        top={tagTop}
        width={tagWidth}
        onPress={() => onTouch("pitch")}
      />
      <ReadingTag
        label="Ø over crests"
        figure={sizes.majorMm === undefined ? undefined : printLength(sizes.majorMm, units)}
        left={diameterLeft}
        top={tagTop}
        width={tagWidth}
        onPress={() => onTouch("diameter")}
      />
    </View>
  );
}
