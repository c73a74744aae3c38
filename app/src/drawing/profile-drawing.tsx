import {
  angleWords,
  pitchWords,
  printFigure,
  tableDecimals,
  threadProfile,
  type Thread,
  type Units,
} from "@root-gauge/core";
import { useTheme, View } from "@tamagui/core";
import { useId, useState } from "react";
import Svg, { ClipPath, G, Line, Path, Rect, Text } from "react-native-svg";
import { Label } from "../kit/text";
import { Dimension, WEIGHT } from "./lines";
import { profileLayout, type ProfileLayout } from "./profile-layout";
import { profilePath } from "./profile-path";
import { nearScaleWords } from "./scale";

const MOST_HEIGHT = 260;
const BEFORE_MEASURED = 190;
const FONT = { fontFamily: "Barlow Semi Condensed", fontSize: 14, fontWeight: "600" } as const;

interface Paint {
  readonly line: string;
  readonly ground: string;
}

function Metal({ thread, layout, paint }: { thread: Thread; layout: ProfileLayout; paint: Paint }) {
  const { place, pitches, left, right, height } = layout;
  const screw = profilePath(threadProfile(thread, "external"), thread.pitchMm, pitches, place);
  const nut = profilePath(threadProfile(thread, "internal"), thread.pitchMm, pitches, place);
  const clip = useId();
  return (
    <G clipPath={`url(#${clip})`}>
      <ClipPath id={clip}>
        <Rect x={left} y={0} width={right - left} height={height} />
      </ClipPath>
      {thread.only === "internal" ? null : (
        <>
          <Path
            d={`${screw} V ${2 * height} H ${-height} Z`}
            fill={paint.line}
            fillOpacity={0.14}
          />
          <Path d={screw} stroke={paint.line} strokeWidth={2} fill="none" />
        </>
      )}
      <Path d={`${nut} V ${-height} H ${-height} Z`} fill={paint.line} fillOpacity={0.06} />
      <Path
        d={nut}
        stroke={paint.line}
        strokeWidth={WEIGHT.outline}
        strokeDasharray={thread.only === "internal" ? undefined : "6 4"}
        fill="none"
      />
    </G>
  );
}

function Diameters({
  layout,
  units,
  paint,
}: {
  layout: ProfileLayout;
  units: Units;
  paint: Paint;
}) {
  const decimals = tableDecimals(units);
  return (
    <G>
      {layout.diameters.map(({ name, mm, y, labelY }) => (
        <G key={name}>
          <Line
            x1={layout.left}
            y1={y}
            x2={layout.right + 8}
            y2={y}
            stroke={paint.line}
            strokeWidth={WEIGHT.fine}
            strokeDasharray="10 3 2 3"
            strokeOpacity={0.7}
          />
          <Text x={layout.right + 12} y={labelY} fill={paint.line} {...FONT}>
            {`${name} Ø ${printFigure(mm, units, decimals)}`}
          </Text>
        </G>
      ))}
    </G>
  );
}

/** The pitch over two crests, and the flank angle in the groove between them. */
function PitchAndAngle({
  thread,
  layout,
  units,
  paint,
}: {
  thread: Thread;
  layout: ProfileLayout;
  units: Units;
  paint: Paint;
}) {
  const y = layout.dimensionY;
  const from = { x: layout.place.x0, y };
  const to = { x: layout.place.x0 + layout.pitchPx, y };
  const middle = (from.x + to.x) / 2;
  const pen = { colour: paint.line, weight: WEIGHT.dimension };
  return (
    <G>
      {[from.x, to.x].map((x) => (
        <Line
          key={x}
          x1={x}
          y1={layout.majorY}
          x2={x}
          y2={y - 6}
          stroke={paint.line}
          strokeWidth={WEIGHT.dimension}
        />
      ))}
      <Dimension at={{ from, to }} pen={pen} />
      <Text x={middle} y={y - 8} fill={paint.line} textAnchor="middle" {...FONT}>
        {pitchWords(thread.pitchMm, thread.tpi === undefined ? "mm" : units)}
      </Text>
      <Text x={middle} y={layout.angleY} fill={paint.line} textAnchor="middle" {...FONT}>
        {angleWords(thread.flankAngleDeg)}
      </Text>
    </G>
  );
}

/** One thread's form to scale: the screw's metal under its line, the nut's above, with the dimensions named. */
export function ProfileDrawing({ thread, units }: { thread: Thread; units: Units }) {
  const theme = useTheme();
  const [width, setWidth] = useState(0);
  const paint = { line: theme.scribe.val, ground: theme.marking.val };
  const layout =
    width === 0 ? undefined : profileLayout(thread, { width, mostHeight: MOST_HEIGHT });
  return (
    <View backgroundColor="$marking" borderRadius={4} overflow="hidden">
      <View
        height={layout?.height ?? BEFORE_MEASURED}
        role="img"
        aria-label={`The form of ${thread.designation}, drawn to scale`}
        onLayout={(event) => setWidth(event.nativeEvent.layout.width)}
      >
        {layout === undefined ? null : (
          <Svg width={width} height={layout.height} aria-hidden>
            <Metal thread={thread} layout={layout} paint={paint} />
            <Diameters layout={layout} units={units} paint={paint} />
            <PitchAndAngle thread={thread} layout={layout} units={units} paint={paint} />
          </Svg>
        )}
      </View>
      <View padding={12} paddingTop={4} flexDirection="row" flexWrap="wrap" gap={8}>
        <Label color="$scribe" flex={1} minWidth={180}>
          {thread.only === "internal" ? "Nut, solid" : "Screw solid, nut dashed"}
          {thread.taper === undefined ? "" : ", at the gauge plane"}
        </Label>
        <Label color="$scribe">{layout === undefined ? "" : nearScaleWords(layout.scale)}</Label>
      </View>
    </View>
  );
}
