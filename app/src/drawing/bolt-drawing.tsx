import { Circle, G, Polygon, Text } from "react-native-svg";
import { boltGeometry, type BoltShape, type Point, type Segment } from "./bolt-geometry";
import { Chain, Dimension, Segments, WEIGHT } from "./lines";

export interface BoltDrawingProps {
  readonly shape: BoltShape;
  /** What has been read is drawn solid; the rest is dashed. */
  readonly known: {
    readonly major: boolean;
    readonly pitch: boolean;
    readonly length?: boolean;
    readonly head?: boolean;
  };
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
      <Segments segments={lines.head} pen={known.head ? outline : guessed} />
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
  /** A round head instead of a hexagon. */
  readonly round?: boolean;
  /** The mark that was read, drawn where it is seen. */
  readonly mark?: string | undefined;
}

const FONT = { fontFamily: "Barlow Semi Condensed", fontSize: 14, fontWeight: "600" } as const;

/** Radial lines as SAE J429 has them, evenly round the head from its top. */
function radialLines({ centre, radius }: EndViewProps, count: number): Segment[] {
  return Array.from({ length: count }, (_, at) => {
    const angle = (2 * Math.PI * at) / count - Math.PI / 2;
    const place = (share: number) => ({
      x: centre.x + share * radius * Math.cos(angle),
      y: centre.y + share * radius * Math.sin(angle),
    });
    return { from: place(0.42), to: place(0.74) };
  });
}

function SeenMark(props: EndViewProps & { mark: string }) {
  const { centre, colour, mark, radius } = props;
  const lines = /^lines:\s*(\d)$/i.exec(mark.trim());
  if (lines !== null) {
    return (
      <Segments
        segments={radialLines(props, Number(lines[1]))}
        pen={{ colour, weight: WEIGHT.outline }}
      />
    );
  }
  const words = mark.trim().replace(/^letter:\s*/i, "");
  const fits = words.length * 8 < 1.4 * radius && !words.includes(":");
  return fits && words.toLowerCase() !== "none" ? (
    <Text x={centre.x} y={centre.y + 5} textAnchor="middle" fill={colour} stroke="none" {...FONT}>
      {words}
    </Text>
  ) : null;
}

/** The head or nut from its end; dashed while it was not measured. */
export function HeadEndView(props: EndViewProps) {
  const { centre, radius, colour, known = false, bore, round = false, mark } = props;
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
      {round ? <Circle cx={centre.x} cy={centre.y} r={radius} /> : <Polygon points={points} />}
      <Circle
        cx={centre.x}
        cy={centre.y}
        r={bore === undefined ? radius * 0.8 : bore / 2}
        strokeWidth={WEIGHT.fine}
        strokeOpacity={0.7}
      />
      {mark === undefined ? null : <SeenMark {...props} mark={mark} />}
    </G>
  );
}
