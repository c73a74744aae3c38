import { boltLines, type BoltShape } from "./bolt-lines";
import { chain, dimensionMarks, segments, type Mark, type Stroke } from "../marks";

/** A bolt to be drawn as far as it is known. */
export interface KnownBolt {
  readonly shape: BoltShape;
  /** What has been read is drawn solid; the rest is dashed. */
  readonly known: {
    readonly major: boolean;
    readonly pitch: boolean;
    readonly length?: boolean;
    readonly head?: boolean;
  };
  /** Draw the line along which the length is taken. */
  readonly lengthLine?: boolean;
}

const OUTLINE: Stroke = { weight: "outline" };
const GUESSED: Stroke = { weight: "outline", dashed: true };
const DIMENSION: Stroke = { weight: "dimension" };
export const AXIS: Stroke = { weight: "fine", dashed: true, opacity: 0.6 };

/** A bolt from the side, with the places marked where its diameter and its pitch are read. */
export function boltMarks({ shape, known, lengthLine = false }: KnownBolt): Mark[] {
  const lines = boltLines(shape);
  const ofThread = known.major && known.pitch ? OUTLINE : GUESSED;
  const { from, to } = lines.pitchAt;
  const above = from.y - 10;
  const axis = {
    from: { x: shape.headLeft - 10, y: shape.axisY },
    to: { x: shape.end + 10, y: shape.axisY },
  };
  return [
    segments([axis], AXIS),
    segments(lines.head, known.head ? OUTLINE : GUESSED),
    segments([...lines.shank, lines.endFace], known.major ? OUTLINE : GUESSED),
    chain(lines.upperEdge, ofThread),
    chain(lines.lowerEdge, ofThread),
    segments(lines.helix, { weight: "fine", opacity: 0.55, dashed: !known.pitch }),
    ...(lengthLine
      ? dimensionMarks(lines.lengthAt, { ...DIMENSION, dashed: known.length !== true })
      : []),
    ...dimensionMarks(lines.diameterAt, DIMENSION),
    segments(
      [from, to].map((crest) => ({ from: crest, to: { x: crest.x, y: above - 5 } })),
      DIMENSION,
    ),
    ...dimensionMarks({ from: { x: from.x, y: above }, to: { x: to.x, y: above } }, DIMENSION),
  ];
}
