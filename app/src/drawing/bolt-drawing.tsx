import { Circle, G, Polygon } from "react-native-svg";
import { boltGeometry, type BoltShape, type Point } from "./bolt-geometry";
import { Chain, Dimension, Segments, WEIGHT } from "./lines";

export interface BoltDrawingProps {
  readonly shape: BoltShape;
  /** What has been read is drawn solid; the rest is dashed. */
  readonly known: { readonly major: boolean; readonly pitch: boolean; readonly length?: boolean };
  readonly colour: string;
  /** Draw the line along which the length is taken. */
  readonly lengthLine?: boolean;
}

/** A bolt from the side, with the places marked where its diameter and its pitch are read. */
export function BoltDrawing({ shape, known, colour, lengthLine = false }: BoltDrawingProps) {
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
      {lengthLine ? (
        <Dimension at={lines.lengthAt} pen={{ ...dimension, dashed: known.length !== true }} />
      ) : null}
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

const CORNERS = [0, 1, 2, 3, 4, 5].map((corner) => (Math.PI / 3) * corner + Math.PI / 6);

export interface EndViewProps {
  readonly centre: Point;
  readonly radius: number;
  readonly colour: string;
  /** Measured across its flats: drawn solid. */
  readonly known?: boolean;
  /** A nut shows its bore instead of the chamfer. */
  readonly bore?: number;
}

/** The head or nut from its end; dashed while it was not measured. */
export function HeadEndView({ centre, radius, colour, known = false, bore }: EndViewProps) {
  const points = CORNERS.map(
    (angle) => `${centre.x + radius * Math.cos(angle)},${centre.y + radius * Math.sin(angle)}`,
  ).join(" ");
  return (
    <G
      stroke={colour}
      strokeWidth={WEIGHT.outline}
      fill="none"
      {...(known ? {} : { strokeDasharray: "5 4" })}
    >
      <Polygon points={points} />
      <Circle
        cx={centre.x}
        cy={centre.y}
        r={bore === undefined ? radius * 0.8 : bore / 2}
        strokeWidth={WEIGHT.fine}
        strokeOpacity={0.7}
      />
    </G>
  );
}
