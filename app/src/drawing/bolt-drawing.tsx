import { Circle, G, Polygon } from "react-native-svg";
import { boltGeometry, type BoltShape, type Point } from "./bolt-geometry";
import { Chain, Dimension, Segments, WEIGHT } from "./lines";

export interface BoltDrawingProps {
  readonly shape: BoltShape;
  /** What has been read is drawn solid; the rest is dashed. */
  readonly known: { readonly major: boolean; readonly pitch: boolean };
  readonly colour: string;
}

/** A bolt from the side, with the places marked where its diameter and its pitch are read. */
export function BoltDrawing({ shape, known, colour }: BoltDrawingProps) {
  const lines = boltGeometry(shape);
  const outline = { colour, weight: WEIGHT.outline };
  const guessed = { ...outline, dashed: true };
  const ofDiameter = known.major ? outline : guessed;
  const ofThread = known.major && known.pitch ? outline : guessed;
  const dimension = { colour, weight: WEIGHT.dimension };
  const { from, to } = lines.pitchAt;
  const above = from.y - 10;
  const centreLine = {
    from: { x: shape.headLeft - 10, y: shape.axisY },
    to: { x: shape.end + 10, y: shape.axisY },
  };
  return (
    <G>
      <Segments
        segments={[centreLine]}
        pen={{ colour, weight: WEIGHT.fine, dashed: true, opacity: 0.6 }}
      />
      <Segments segments={lines.head} pen={guessed} />
      <Segments segments={[...lines.shank, lines.endFace]} pen={ofDiameter} />
      <Chain points={lines.upperEdge} pen={ofThread} />
      <Chain points={lines.lowerEdge} pen={ofThread} />
      <Segments
        segments={lines.helix}
        pen={{ colour, weight: WEIGHT.fine, opacity: 0.55, dashed: !known.pitch }}
      />
      <Dimension at={lines.diameterAt} pen={dimension} />
      <Segments
        segments={[from, to].map((crest) => ({ from: crest, to: { x: crest.x, y: above - 5 } }))}
        pen={dimension}
      />
      <Dimension
        at={{ from: { x: from.x, y: above }, to: { x: to.x, y: above } }}
        pen={dimension}
      />
    </G>
  );
}

/** Where a leader to each reading ends, in drawing units. */
export function anchorsOf(shape: BoltShape): { diameter: Point; pitch: Point; form: Point } {
  const { diameterAt, pitchAt, threadStart } = boltGeometry(shape);
  return {
    diameter: { x: diameterAt.from.x, y: diameterAt.from.y },
    form: { x: threadStart, y: diameterAt.from.y },
    pitch: { x: (pitchAt.from.x + pitchAt.to.x) / 2, y: pitchAt.from.y - 15 },
  };
}

const CORNERS = [0, 1, 2, 3, 4, 5].map((corner) => (Math.PI / 3) * corner + Math.PI / 6);

/** The head from its end: not measured, so dashed. */
export function HeadEndView({
  centre,
  radius,
  colour,
}: {
  centre: Point;
  radius: number;
  colour: string;
}) {
  const points = CORNERS.map(
    (angle) => `${centre.x + radius * Math.cos(angle)},${centre.y + radius * Math.sin(angle)}`,
  ).join(" ");
  return (
    <G stroke={colour} strokeWidth={WEIGHT.outline} strokeDasharray="5 4" fill="none">
      <Polygon points={points} />
      <Circle
        cx={centre.x}
        cy={centre.y}
        r={radius * 0.8}
        strokeWidth={WEIGHT.fine}
        strokeOpacity={0.7}
      />
    </G>
  );
}
