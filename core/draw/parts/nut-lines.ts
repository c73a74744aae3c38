import { type Place, type Segment, drawsTeeth } from "../marks";
import { edgeForm, threadEdge, type EdgeForm } from "./thread-edge";

/** A nut, a tapped hole or a pipe socket cut open along its axis; every figure in drawing units. */
export interface NutShape {
  readonly left: number;
  readonly right: number;
  readonly axisY: number;
  /** The bore over the crests. */
  readonly bore: number;
  readonly pitch: number;
  readonly teeth: boolean;
  /** Half the height of the metal round it. */
  readonly halfBody: number;
  /** A body that goes on beyond the drawing, as a casting does; a nut ends at its flats. */
  readonly broken: boolean;
  readonly form?: EdgeForm;
  readonly taper?: number;
}

export interface NutLines {
  readonly body: readonly Segment[];
  /** Cut metal is hatched. */
  readonly hatch: readonly Segment[];
  readonly upperEdge: readonly Place[];
  readonly lowerEdge: readonly Place[];
  readonly boreAt: Segment;
  readonly pitchAt: Segment;
  readonly formAt: Place;
}

/** A nut is about this wide and high against its thread's diameter (ISO 4032). */
export const NUT_HEIGHT = 0.84;

const HATCH_STEP = 9;

/** Lines at 45 degrees over a rectangle, cut off at its edges. */
function hatched(left: number, right: number, top: number, bottom: number): Segment[] {
  const height = bottom - top;
  const lines: Segment[] = [];
  for (let x = left - height + HATCH_STEP; x < right; x += HATCH_STEP) {
    const from = { x: Math.max(x, left), y: bottom - Math.max(0, left - x) };
    const over = Math.max(0, x + height - right);
    const to = { x: x + height - over, y: top + over };
    if (to.x > from.x) lines.push({ from, to });
  }
  return lines;
}

/** Works out every line of the section from its sizes. */
export function nutLines(shape: NutShape): NutLines {
  const { left, right, axisY, bore, pitch, halfBody, broken } = shape;
  const form = shape.form ?? edgeForm(undefined);
  const half = bore / 2;
  const drawn = shape.teeth && drawsTeeth(pitch);
  const slope = (shape.taper ?? 0) / 2;
  const edge = (phase: number, out: 1 | -1): Place[] =>
    drawn
      ? threadEdge({
          start: left,
          end: right,
          pitch,
          phase,
          crestY: axisY + out * half,
          toRoot: out,
          form: { ...form, crestFlat: form.rootFlat, rootFlat: form.crestFlat },
          slope: -out * slope,
        })
      : [
          { x: left, y: axisY + out * half },
          { x: right, y: axisY + out * (half - (right - left) * slope) },
        ];
  const deep = half + (drawn ? form.depth * pitch : 0) + 2;
  const sides = [-1, 1].flatMap((out): Segment[] => {
    const outer = axisY + out * halfBody;
    const inner = axisY + out * half;
    const ends = [left, right].map((x) => ({ from: { x, y: outer }, to: { x, y: inner } }));
    const top = { from: { x: left, y: outer }, to: { x: right, y: outer } };
    return broken ? ends.slice(0, 1) : [...ends, top];
  });
  const middle = left + pitch * Math.max(1, Math.round((0.4 * (right - left)) / pitch));
  const boreX = left + 0.78 * (right - left);
  const crestY = axisY - half + (middle - left) * slope;
  const boreHalf = half - (boreX - left) * slope;
  return {
    body: sides,
    hatch: [
      ...hatched(left, right, axisY - halfBody, axisY - deep),
      ...hatched(left, right, axisY + deep, axisY + halfBody),
    ],
    upperEdge: edge(0.5, -1),
    lowerEdge: edge(1, 1),
    boreAt: { from: { x: boreX, y: axisY - boreHalf }, to: { x: boreX, y: axisY + boreHalf } },
    pitchAt: {
      from: { x: middle - pitch / 2, y: crestY },
      to: { x: middle + pitch / 2, y: crestY },
    },
    formAt: { x: left + 0.12 * (right - left), y: axisY - half },
  };
}
