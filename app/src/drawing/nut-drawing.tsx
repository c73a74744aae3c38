import { G } from "react-native-svg";
import { Chain, Dimension, Segments, WEIGHT } from "./lines";
import { nutGeometry, type NutShape } from "./nut-geometry";

export interface NutDrawingProps {
  readonly shape: NutShape;
  /** What has been read is drawn solid; the rest is dashed. */
  readonly known: { readonly bore: boolean; readonly pitch: boolean; readonly body: boolean };
  readonly colour: string;
}

/** A nut or a hole cut open, with the places marked where its bore and its pitch are read. */
export function NutDrawing({ shape, known, colour }: NutDrawingProps) {
  const lines = nutGeometry(shape);
  const outline = { colour, weight: WEIGHT.outline };
  const dimension = { colour, weight: WEIGHT.dimension };
  const ofThread = { ...outline, dashed: !(known.bore && known.pitch) };
  const { from, to } = lines.pitchAt;
  const within = from.y + 14;
  const centreLine = {
    from: { x: shape.left - 12, y: shape.axisY },
    to: { x: shape.right + 12, y: shape.axisY },
  };
  return (
    <G>
      <Segments
        segments={[centreLine]}
        pen={{ colour, weight: WEIGHT.fine, dashed: true, opacity: 0.6 }}
      />
      <Segments segments={lines.hatch} pen={{ colour, weight: WEIGHT.fine, opacity: 0.35 }} />
      <Segments segments={lines.body} pen={{ ...outline, dashed: !known.body }} />
      <Chain points={lines.upperEdge} pen={ofThread} />
      <Chain points={lines.lowerEdge} pen={ofThread} />
      <Dimension at={lines.boreAt} pen={dimension} />
      <Segments
        segments={[from, to].map((crest) => ({ from: crest, to: { x: crest.x, y: within + 5 } }))}
        pen={dimension}
      />
      <Dimension
        at={{ from: { x: from.x, y: within }, to: { x: to.x, y: within } }}
        pen={dimension}
      />
    </G>
  );
}
