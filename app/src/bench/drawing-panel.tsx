import {
  PART_KIND_SHORT,
  PART_KIND_WORDS,
  boltMarks,
  endViewMarks,
  lastReading,
  nutMarks,
  changePartWords,
  type Mark,
  type MeasuredSizes,
  type PartKind,
  type Reading,
  type Units,
} from "@root-gauge/core";
import { useTheme, View } from "@tamagui/core";
import ChevronDown from "lucide-react-native/icons/chevron-down";
import ChevronUp from "lucide-react-native/icons/chevron-up";
import Svg, { Line } from "react-native-svg";
import { FlowTag } from "../draw/flow-tag";
import { Marks } from "../draw/marks";
import { Pressable } from "../kit/pressable";
import { Figure, ForScreenReader, Label } from "../kit/text";
import { useLayout } from "../kit/wide";
import type { PanelName } from "../shell/use-panel";
import { CAPTION_HEIGHT, EDGE, panelLayout, type PanelLayout } from "./panel-layout";
import { tagsOf, type PanelTag } from "./panel-tags";
import { LOW_TAG, LowTag, ReadingTag, TAG_HEIGHT } from "./reading-tag";
import { tagRow } from "./tag-row";

export interface DrawingPanelProps {
  readonly part: PartKind;
  readonly sizes: MeasuredSizes;
  readonly units: Units;
  readonly width: number;
  readonly height: number;
  readonly readings: readonly Reading[];
  /** A low strip with what the answers need no room for. */
  readonly strip?: boolean;
  /** Makes a strip of the panel, or a panel of the strip; absent where there is room for all. */
  readonly onFold?: (() => void) | undefined;
  readonly onTouch: (what: PanelName) => void;
}

interface PlacedTag {
  readonly tag: PanelTag;
  readonly left: number;
  readonly top: number;
  readonly width: number;
  readonly leader: {
    readonly x1: number;
    readonly y1: number;
    readonly x2: number;
    readonly y2: number;
  };
}

/** A row of tags in their places, each with the line that leads to what it is read from. */
function placedTags(
  tags: readonly PanelTag[],
  row: PanelTag["row"],
  layout: PanelLayout,
  { width, tagHeight }: { readonly width: number; readonly tagHeight: number },
): PlacedTag[] {
  const ofRow = tags.filter((tag) => tag.row === row);
  const anchored = ofRow.map((tag) => ({ tag, anchor: layout.anchors[tag.at] ?? { x: 0, y: 0 } }));
  const places = tagRow(
    anchored.map(({ anchor }) => ({ anchorX: anchor.x })),
    EDGE,
    width - EDGE,
  );
  const top = row === "top" ? layout.topRow : layout.bottomRow;
  return anchored.map(({ tag, anchor }, i) => {
    const left = places.lefts[i] ?? EDGE;
    return {
      tag,
      left,
      top,
      width: places.width,
      leader: {
        x1: left + places.width / 2,
        y1: row === "top" ? top + tagHeight : top,
        x2: anchor.x,
        y2: anchor.y,
      },
    };
  });
}

/** What of the part its readings tell, for whoever lays it out. */
function partSeen({ part, sizes, readings }: DrawingPanelProps) {
  const { taper } = sizes;
  const tapers = taper !== undefined && taper.largeMm > taper.smallMm;
  return {
    part,
    sizes,
    flankAngleDeg: lastReading(readings, "flank-angle")?.degrees,
    tapered: lastReading(readings, "taper")?.tapered ?? tapers,
    headStyle: lastReading(readings, "head-style")?.head,
  };
}

/** The part and its end view, as far as they are known. */
function partMarks(
  { drawing, endView }: PanelLayout,
  { part, sizes, readings, strip = false }: DrawingPanelProps,
): readonly Mark[] {
  const pitch = sizes.pitchMm !== undefined;
  const body = sizes.flatsMm !== undefined;
  const side =
    drawing.kind === "female"
      ? nutMarks({
          shape: drawing.shape,
          known: { bore: sizes.boreMm !== undefined, pitch, body },
        })
      : boltMarks({
          shape: drawing.shape,
          known: {
            major: sizes.majorMm !== undefined,
            pitch,
            length: sizes.lengthMm !== undefined,
            head: lastReading(readings, "head-style") !== undefined,
          },
          lengthLine: !strip && (part === "bolt" || part === "stud"),
        });
  if (endView === undefined) return side;
  const end = endViewMarks({
    ...endView,
    known: body,
    mark: lastReading(readings, "head-mark")?.mark,
    ...(drawing.kind === "female" ? { bore: drawing.shape.bore } : {}),
  });
  return [...side, ...end];
}

/** What the part is; touching it changes it. On the strip in one word. */
function PartSwitch({
  part,
  low = false,
  onPress,
}: {
  part: PartKind;
  low?: boolean;
  onPress: () => void;
}) {
  const theme = useTheme();
  const words = low ? PART_KIND_SHORT[part] : PART_KIND_WORDS[part];
  return (
    <Pressable
      flexDirection="row"
      alignItems="center"
      justifyContent={low ? "center" : "flex-start"}
      gap={low ? 2 : 4}
      paddingHorizontal={low ? 2 : 8}
      focusVisibleStyle={{ outlineColor: "$scribe", outlineOffset: low ? -3 : 2 }}
      aria-label={changePartWords(words)}
      onPress={onPress}
    >
      <Figure
        fontSize={low ? "$detail" : "$body"}
        lineHeight={low ? "$detail" : "$body"}
        color="$scribe"
      >
        {words}
      </Figure>
      <ChevronDown size={16} color={theme.scribe.val} />
    </Pressable>
  );
}

/** Opens the strip to the whole panel, or folds the panel to the strip. */
function FoldButton({ strip, onPress }: { strip: boolean; onPress: () => void }) {
  const theme = useTheme();
  const Icon = strip ? ChevronDown : ChevronUp;
  return (
    <Pressable
      flexDirection="row"
      alignItems="center"
      justifyContent="center"
      gap={2}
      paddingHorizontal={strip ? 2 : 8}
      aria-expanded={!strip}
      focusVisibleStyle={{ outlineColor: "$scribe", outlineOffset: -3 }}
      onPress={onPress}
    >
      <ForScreenReader>{"The drawing: "}</ForScreenReader>
      <Figure fontSize="$detail" lineHeight="$detail" color="$scribe">
        {strip ? "open" : "fold"}
      </Figure>
      <Icon size={16} color={theme.scribe.val} />
    </Pressable>
  );
}

/** The column beside the strip: what the part is, and the way to the whole drawing. */
const STRIP_ASIDE = 64;

/** The height of the strip where text is as usual. */
export const STRIP_HEIGHT = 124;

/** With large text the tags stand under the part, as many to a line as fit. */
function LargeDrawing(props: DrawingPanelProps & { tags: readonly PanelTag[] }) {
  const { part, width, tags, onTouch } = props;
  const theme = useTheme();
  const layout = panelLayout({
    ...partSeen(props),
    width,
    height: STRIP_HEIGHT,
    twoRows: true,
    scale: 1,
    strip: true,
  });
  return (
    <View
      width={width}
      backgroundColor="$marking"
      role="group"
      aria-label="The part as known so far"
    >
      <Svg width={width} height={STRIP_HEIGHT} aria-hidden>
        <Marks marks={partMarks(layout, props)} colour={theme.scribe.val} />
      </Svg>
      <View flexDirection="row" flexWrap="wrap" gap={8} padding={8} paddingTop={0}>
        {tags.map(({ at, label, figure, opens }) => (
          <FlowTag key={at} label={label} figure={figure} onPress={() => onTouch(opens)} />
        ))}
        <PartSwitch part={part} onPress={() => onTouch("part")} />
      </View>
    </View>
  );
}

/** The part as known so far, drawn; touching a tag takes the reading where it is measured. */
export function DrawingPanel(props: DrawingPanelProps) {
  const { part, sizes, units, width, height, readings, strip = false, onFold, onTouch } = props;
  const theme = useTheme();
  const { scale, large } = useLayout();
  const scribe = theme.scribe.val;
  const tags = tagsOf(part, sizes, readings, units);
  if (large) return <LargeDrawing {...props} tags={tags} />;
  const drawn = strip ? width - STRIP_ASIDE * scale : width;
  const layout = panelLayout({
    ...partSeen(props),
    width: drawn,
    height,
    twoRows: tags.some(({ row }) => row === "bottom"),
    scale,
    strip,
  });
  const room = { width: drawn, tagHeight: (strip ? LOW_TAG : TAG_HEIGHT) * scale };
  const placed = [
    ...placedTags(tags, "top", layout, room),
    ...placedTags(tags, "bottom", layout, room),
  ];
  return (
    <View
      width={width}
      height={height}
      backgroundColor="$marking"
      overflow="hidden"
      role="group"
      aria-label="The part as known so far"
    >
      <Svg width={width} height={height} aria-hidden>
        <Marks marks={partMarks(layout, props)} colour={scribe} />
        {placed.map(({ tag, leader }) => (
          <Line key={tag.at} {...leader} stroke={scribe} strokeWidth={1} strokeOpacity={0.8} />
        ))}
      </Svg>
      {strip ? (
        <View
          position="absolute"
          right={0}
          top={0}
          bottom={0}
          width={STRIP_ASIDE * scale}
          justifyContent="space-between"
        >
          <PartSwitch low part={part} onPress={() => onTouch("part")} />
          {onFold === undefined ? null : <FoldButton strip onPress={onFold} />}
        </View>
      ) : (
        <View
          position="absolute"
          left={4}
          right={EDGE}
          bottom={0}
          height={CAPTION_HEIGHT * scale}
          flexDirection="row"
          alignItems="center"
        >
          <PartSwitch part={part} onPress={() => onTouch("part")} />
          <Label flex={1} color="$scribe" textAlign="right" numberOfLines={2}>
            {`As known so far, ${layout.caption}`}
          </Label>
          {onFold === undefined ? null : <FoldButton strip={false} onPress={onFold} />}
        </View>
      )}
      {placed.map(({ tag, left, top, width: tagWidth }) => {
        const place = { left, top, width: tagWidth, scale };
        const words = { label: tag.label, figure: tag.figure, short: tag.short };
        const touch = () => onTouch(tag.opens);
        return strip ? (
          <LowTag key={tag.at} {...words} {...place} above={tag.row === "top"} onPress={touch} />
        ) : (
          <ReadingTag key={tag.at} {...words} {...place} onPress={touch} />
        );
      })}
    </View>
  );
}
