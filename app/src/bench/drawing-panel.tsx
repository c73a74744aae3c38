import {
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
import Svg, { Line } from "react-native-svg";
import { Marks } from "../drawing/marks";
import { Pressable } from "../kit/pressable";
import { Figure, Label } from "../kit/text";
import type { PanelName } from "../shell/use-panel";
import { CAPTION_HEIGHT, EDGE, panelLayout, type PanelLayout } from "./panel-layout";
import { tagsOf, type PanelTag } from "./panel-tags";
import { ReadingTag, TAG_HEIGHT } from "./reading-tag";
import { tagRow } from "./tag-row";

export interface DrawingPanelProps {
  readonly part: PartKind;
  readonly sizes: MeasuredSizes;
  readonly units: Units;
  readonly width: number;
  readonly height: number;
  readonly readings: readonly Reading[];
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
  width: number,
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
        y1: row === "top" ? top + TAG_HEIGHT : top,
        x2: anchor.x,
        y2: anchor.y,
      },
    };
  });
}

/** The part and its end view, as far as they are known. */
function partMarks(
  { drawing, endView }: PanelLayout,
  { part, sizes, readings }: DrawingPanelProps,
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
          lengthLine: part === "bolt" || part === "stud",
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

/** What the part is; touching it changes it. */
function PartSwitch({ part, onPress }: { part: PartKind; onPress: () => void }) {
  const theme = useTheme();
  return (
    <Pressable
      flexDirection="row"
      alignItems="center"
      gap={4}
      paddingHorizontal={8}
      focusVisibleStyle={{ outlineColor: "$scribe" }}
      aria-label={changePartWords(part)}
      onPress={onPress}
    >
      <Figure color="$scribe">{PART_KIND_WORDS[part]}</Figure>
      <ChevronDown size={16} color={theme.scribe.val} />
    </Pressable>
  );
}

/** The part as known so far, drawn; touching a tag takes the reading where it is measured. */
export function DrawingPanel(props: DrawingPanelProps) {
  const { part, sizes, units, width, height, readings, onTouch } = props;
  const theme = useTheme();
  const scribe = theme.scribe.val;
  const tags = tagsOf(part, sizes, readings, units);
  const taper = lastReading(readings, "taper");
  const layout = panelLayout({
    part,
    sizes,
    flankAngleDeg: lastReading(readings, "flank-angle")?.degrees,
    tapered:
      taper?.tapered ?? (sizes.taper !== undefined && sizes.taper.largeMm > sizes.taper.smallMm),
    headStyle: lastReading(readings, "head-style")?.head,
    width,
    height,
    twoRows: tags.some(({ row }) => row === "bottom"),
  });
  const placed = [
    ...placedTags(tags, "top", layout, width),
    ...placedTags(tags, "bottom", layout, width),
  ];
  return (
    <View width={width} height={height} backgroundColor="$marking" overflow="hidden">
      <Svg width={width} height={height} aria-hidden>
        <Marks marks={partMarks(layout, props)} colour={scribe} />
        {placed.map(({ tag, leader }) => (
          <Line key={tag.at} {...leader} stroke={scribe} strokeWidth={1} strokeOpacity={0.8} />
        ))}
      </Svg>
      <View
        position="absolute"
        left={4}
        right={EDGE}
        bottom={0}
        height={CAPTION_HEIGHT}
        flexDirection="row"
        alignItems="center"
      >
        <PartSwitch part={part} onPress={() => onTouch("part")} />
        <Label flex={1} color="$scribe" textAlign="right" numberOfLines={2}>
          {`As known so far, ${layout.caption}`}
        </Label>
      </View>
      {placed.map(({ tag, left, top, width: tagWidth }) => (
        <ReadingTag
          key={tag.at}
          label={tag.label}
          figure={tag.figure}
          left={left}
          top={top}
          width={tagWidth}
          onPress={() => onTouch(tag.opens)}
        />
      ))}
    </View>
  );
}
