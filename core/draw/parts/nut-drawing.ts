import { AXIS } from "./bolt-drawing";
import { chain, dimensionMarks, segments, type Mark, type Stroke } from "../marks";
import { nutLines, type NutShape } from "./nut-lines";

/** A nut or a hole to be drawn as far as it is known. */
export interface KnownNut {
  readonly shape: NutShape;
  /** What has been read is drawn solid; the rest is dashed. */
  readonly known: { readonly bore: boolean; readonly pitch: boolean; readonly body: boolean };
}

const OUTLINE: Stroke = { weight: "outline" };
const DIMENSION: Stroke = { weight: "dimension" };

/** A nut or a hole cut open, with the places marked where its bore and its pitch are read. */
export function nutMarks({ shape, known }: KnownNut): Mark[] {
  const lines = nutLines(shape);
  const ofThread = { ...OUTLINE, dashed: !(known.bore && known.pitch) };
  const { from, to } = lines.pitchAt;
  const within = from.y + 14;
  const axis = {
    from: { x: shape.left - 12, y: shape.axisY },
    to: { x: shape.right + 12, y: shape.axisY },
  };
  return [
    segments([axis], AXIS),
    segments(lines.hatch, { weight: "fine", opacity: 0.35 }),
    segments(lines.body, { ...OUTLINE, dashed: !known.body }),
    chain(lines.upperEdge, ofThread),
    chain(lines.lowerEdge, ofThread),
    ...dimensionMarks(lines.boreAt, DIMENSION),
    segments(
      [from, to].map((crest) => ({ from: crest, to: { x: crest.x, y: within + 5 } })),
      DIMENSION,
    ),
    ...dimensionMarks({ from: { x: from.x, y: within }, to: { x: to.x, y: within } }, DIMENSION),
  ];
}
