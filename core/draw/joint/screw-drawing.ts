import { dimensionWords } from "../../say/charts";
import {
  UNITS_PER_MM,
  chain,
  dimensionMarks,
  drawsTeeth,
  segments,
  type Drawing,
  type Mark,
  type Stroke,
} from "../marks";
import { AXIS, type LineKind, type Outline } from "../parts";
import { goesByInches } from "../../catalogue/heads";
import type { Thread } from "../../catalogue/threads";
import { outlineLayout } from "./outline-layout";

/** How each kind of line of a part is drawn. */
export const STROKES: Readonly<Record<LineKind, Stroke>> = {
  edge: { weight: "outline" },
  inner: { weight: "fine" },
  hidden: { weight: "fine", dashed: true },
  root: { weight: "fine", opacity: 0.6 },
};

export interface DrawingRoom {
  readonly width: number;
  readonly height: number;
}

/**
 * A part from the side at the largest usual scale that fits, its sizes as the trade of its thread names them. Where
 * single threads can be told apart, the lines at their roots are left out.
 */
export function screwDrawing(
  outline: Outline,
  { width, height }: DrawingRoom,
  thread: Thread,
): Drawing {
  const own = goesByInches(thread) ? "in" : "mm";
  const layout = outlineLayout(outline, width, height);
  const teeth = drawsTeeth(thread.pitchMm * layout.scale * UNITS_PER_MM);
  const dimension: Stroke = { weight: "dimension" };
  return {
    width,
    height,
    scale: layout.scale,
    marks: [
      segments([layout.axis], AXIS),
      ...outline.strokes
        .filter(({ kind }) => kind !== "root" || !teeth)
        .map(({ kind, points }) => chain(points.map(layout.placed), STROKES[kind])),
      ...layout.dimensions.flatMap((placed): Mark[] => [
        segments(placed.witnesses, { ...dimension, opacity: 0.7 }),
        ...dimensionMarks(placed.line, dimension),
        {
          kind: "text",
          at: placed.figureAt,
          anchor: placed.anchor,
          text: dimensionWords(placed.dimension.mm, placed.dimension.kind === "major", own),
        },
      ]),
    ],
  };
}
