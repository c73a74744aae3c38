import type { Place } from "../marks";

/** The proportions of a thread form, as shares of the pitch. */
export interface EdgeForm {
  readonly depth: number;
  readonly crestFlat: number;
  readonly rootFlat: number;
}

const SIXTY: EdgeForm = { depth: 0.541266, crestFlat: 1 / 8, rootFlat: 1 / 4 };

/** Basic profiles by flank angle, degrees: rounded crests and roots stand as short flats at this size. */
const FORMS: readonly (readonly [number, EdgeForm])[] = [
  [60, SIXTY],
  [55, { depth: 0.640327, crestFlat: 0.1667, rootFlat: 0.1667 }],
  [47.5, { depth: 0.6, crestFlat: 0.236, rootFlat: 0.236 }],
  [30, { depth: 0.5, crestFlat: 0.366, rootFlat: 0.366 }],
  [29, { depth: 0.5, crestFlat: 0.3707, rootFlat: 0.3707 }],
  [80, { depth: 0.35, crestFlat: 0.2063, rootFlat: 0.2063 }],
  [0, { depth: 0.5, crestFlat: 0.5, rootFlat: 0.5 }],
];

/** The form drawn for a flank angle that was read; 60 degrees while none was. */
export function edgeForm(flankAngleDeg: number | undefined): EdgeForm {
  return FORMS.find(([angle]) => angle === flankAngleDeg)?.[1] ?? SIXTY;
}

export interface EdgeRun {
  readonly start: number;
  readonly end: number;
  readonly pitch: number;
  /** Where the first crest stands after `start`, as a share of the pitch. */
  readonly phase: number;
  /** The height of the crests at `start`, and the way to the roots: 1 down the drawing, -1 up. */
  readonly crestY: number;
  readonly toRoot: 1 | -1;
  readonly form: EdgeForm;
  /** How far the crests move towards the roots' side for each unit along the axis; 0 for a parallel thread. */
  readonly slope?: number;
}

/** One edge of a thread: crest flats, flanks and root flats from `start` to `end`. */
export function threadEdge(run: EdgeRun): Place[] {
  const { start, end, pitch, phase, crestY, toRoot, form, slope = 0 } = run;
  const halfCrest = (form.crestFlat / 2) * pitch;
  const halfRoot = (form.rootFlat / 2) * pitch;
  const depth = toRoot * form.depth * pitch;
  const level = (x: number) => crestY + (x - start) * slope;
  const points: Place[] = [];
  for (let crest = start + phase * pitch; crest < end; crest += pitch) {
    const root = crest + pitch / 2;
    points.push(
      { x: crest - halfCrest, y: level(crest - halfCrest) },
      { x: crest + halfCrest, y: level(crest + halfCrest) },
      { x: root - halfRoot, y: level(root - halfRoot) + depth },
      { x: root + halfRoot, y: level(root + halfRoot) + depth },
    );
  }
  return [{ x: start, y: crestY }, ...points].filter(({ x }) => x >= start && x <= end);
}
