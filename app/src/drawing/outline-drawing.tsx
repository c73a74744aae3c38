import { printLength, type LineKind, type Outline, type Units } from "@root-gauge/core";
import { G, Text } from "react-native-svg";
import { Chain, Dimension, Segments, WEIGHT, type Pen } from "./lines";
import { outlineLayout } from "./outline-layout";
import { PX_PER_MM } from "./scale";
import { LEAST_DRAWN_PITCH } from "./thread-edge";

const FONT = { fontFamily: "Barlow Semi Condensed", fontSize: 14, fontWeight: "600" } as const;

export interface OutlineDrawingProps {
  readonly outline: Outline;
  readonly width: number;
  readonly height: number;
  readonly colour: string;
  readonly units: Units;
  /** Under this pitch single threads run together, so the roots are drawn as lines instead. */
  readonly pitchMm: number;
}

function penOf(kind: LineKind, colour: string): Pen {
  switch (kind) {
    case "edge":
      return { colour, weight: WEIGHT.outline };
    case "inner":
      return { colour, weight: WEIGHT.fine };
    case "hidden":
      return { colour, weight: WEIGHT.fine, dashed: true };
    case "root":
      return { colour, weight: WEIGHT.fine, opacity: 0.6 };
  }
}

/** A part from the side, to scale, with its dimensions in open arrows. */
export function OutlineDrawing(props: OutlineDrawingProps) {
  const { outline, width, height, colour, units, pitchMm } = props;
  const layout = outlineLayout(outline, width, height);
  const drawsTeeth = pitchMm * layout.scale * PX_PER_MM >= LEAST_DRAWN_PITCH;
  const pen = { colour, weight: WEIGHT.dimension };
  return (
    <G>
      <Segments
        segments={[layout.axis]}
        pen={{ colour, weight: WEIGHT.fine, dashed: true, opacity: 0.6 }}
      />
      {outline.strokes
        .filter(({ kind }) => kind !== "root" || !drawsTeeth)
        .map(({ kind, points }, at) => (
          <Chain key={at} points={points.map(layout.toPx)} pen={penOf(kind, colour)} />
        ))}
      {layout.dimensions.map(({ dimension, line, witnesses, figureAt, anchor }) => (
        <G key={dimension.kind}>
          <Segments segments={witnesses} pen={{ ...pen, opacity: 0.7 }} />
          <Dimension at={line} pen={pen} />
          <Text x={figureAt.x} y={figureAt.y} textAnchor={anchor} fill={colour} {...FONT}>
            {dimension.kind === "major"
              ? `Ø ${printLength(dimension.mm, units)}`
              : printLength(dimension.mm, units)}
          </Text>
        </G>
      ))}
    </G>
  );
}
