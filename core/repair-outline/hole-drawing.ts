import { drillPointMm } from "../holes";
import {
  UNITS_PER_MM,
  dimensionMarks,
  fittingScale,
  segments,
  type Drawing,
  type Mark,
  type Place,
  type Segment,
} from "../outline";
import { boreOf, cutOf, soundShareOf, type Damage, type RepairOption } from "../repair";
import { printLength, type Mm, type Units } from "../units";

export interface DrawingRoom {
  readonly width: number;
  readonly height: number;
}

/** What was not said is drawn so many diameters away, dashed. */
const UNKNOWN_EDGE = 2.2;
const UNKNOWN_FLOOR = 0.8;
const LEFT_SIDE = 2.2;
const HATCH = 10;
/** Room for the figures above and beside the section. */
const ABOVE = 44;
const BESIDE = 172;
/** Threads that are drawn torn: little strokes, half as many as there were. */
const TORN_STEP = 0.9;

interface Frame {
  readonly scale: number;
  at(x: Mm, y: Mm): Place;
}

const line = (from: Place, to: Place): Segment => ({ from, to });

interface Box {
  readonly left: Mm;
  readonly right: Mm;
  readonly top: Mm;
  readonly bottom: Mm;
}

/** Metal as it is hatched: lines from lower left to upper right, in step with those of the metal beside it. */
function hatch(frame: Frame, { left, right, top, bottom }: Box): Segment[] {
  const step = HATCH / frame.scale;
  const first = Math.ceil((left + top) / step);
  const last = Math.floor((right + bottom) / step);
  return Array.from({ length: Math.max(0, last - first + 1) }, (_, i) => (first + i) * step).map(
    (sum) =>
      line(
        frame.at(Math.max(left, sum - bottom), Math.min(bottom, sum - left)),
        frame.at(Math.min(right, sum - top), Math.max(top, sum - right)),
      ),
  );
}

/** What is left of a torn thread on both walls. */
function torn(frame: Frame, radius: Mm, pitchMm: Mm, depthMm: Mm): Segment[] {
  const step = TORN_STEP * pitchMm;
  const count = Math.floor(depthMm / step);
  return Array.from({ length: count }, (_, i) => (i + 0.5) * step).flatMap((y) =>
    [-1, 1].map((side) =>
      line(
        frame.at(side * radius, y),
        frame.at(side * (radius - 0.35 * pitchMm), y + 0.3 * pitchMm),
      ),
    ),
  );
}

/**
 * The hole cut open to scale: the metal hatched, its depth and its wall, and what a repair would cut away in heavy lines.
 * What is not known is dashed.
 */
export function holeDrawing(
  damage: Damage,
  option: RepairOption | undefined,
  { width, height }: DrawingRoom,
  units: Units,
): Drawing {
  const { thread, hole, depthMm, edgeMm, thicknessMm } = damage;
  const { majorMm, pitchMm } = thread;
  const radius = boreOf(damage) / 2;
  const right = edgeMm ?? UNKNOWN_EDGE * majorMm;
  const left = LEFT_SIDE * majorMm;
  const pointMm = hole === "blind" ? drillPointMm(2 * radius) : 0;
  const bottom =
    hole === "through" ? depthMm : (thicknessMm ?? depthMm + pointMm + UNKNOWN_FLOOR * majorMm);
  const fit = Math.min(
    fittingScale(left + right, width - BESIDE),
    fittingScale(bottom, height - ABOVE - 40),
  );
  const scale = fit * UNITS_PER_MM;
  const originX = (width - (left + right) * scale) / 2 + left * scale;
  const frame: Frame = { scale, at: (x, y) => ({ x: originX + x * scale, y: ABOVE + y * scale }) };
  const { at } = frame;
  const gone = soundShareOf(damage) < 0.75;
  const known = { weight: "outline" } as const;
  const guessed = { weight: "fine", dashed: true } as const;
  const cut = option === undefined ? undefined : cutOf(option);
  const cutDepth = Math.min(depthMm, cut?.depthMm ?? depthMm);
  const text = (anchor: "middle" | "end", x: number, y: number, words: string): Mark => ({
    kind: "text",
    at: { x, y },
    anchor,
    text: words,
  });
  const floor: Segment[] =
    hole === "through"
      ? []
      : [
          line(at(-radius, depthMm), at(0, depthMm + pointMm)),
          line(at(radius, depthMm), at(0, depthMm + pointMm)),
          line(at(-radius, depthMm), at(radius, depthMm)),
        ];
  const depthAt = originX - left * scale - 18;
  return {
    width,
    height,
    scale: fit,
    marks: [
      segments(
        [
          ...hatch(frame, { left: -left, right: -radius, top: 0, bottom }),
          ...hatch(frame, { left: radius, right, top: 0, bottom }),
          ...hatch(frame, { left: -radius, right: radius, top: depthMm + pointMm, bottom }),
        ],
        { weight: "fine", opacity: 0.35 },
      ),
      segments(
        [
          line(at(-left, 0), at(-radius, 0)),
          line(at(radius, 0), at(right, 0)),
          line(at(-radius, 0), at(-radius, depthMm)),
          line(at(radius, 0), at(radius, depthMm)),
          ...floor,
        ],
        known,
      ),
      segments([line(at(right, 0), at(right, bottom))], edgeMm === undefined ? guessed : known),
      segments([line(at(-left, 0), at(-left, bottom))], guessed),
      segments(
        [line(at(-left, bottom), at(right, bottom))],
        hole === "through" || thicknessMm !== undefined ? known : guessed,
      ),
      segments([line(at(0, -2), at(0, bottom + 2))], {
        weight: "fine",
        dashed: true,
        opacity: 0.7,
      }),
      segments(torn(frame, radius, pitchMm, depthMm), {
        weight: "dimension",
        opacity: gone ? 0.6 : 1,
      }),
      ...(cut === undefined
        ? []
        : [
            segments(
              [-1, 1].flatMap((side) => [
                line(at((side * cut.diameterMm) / 2, 0), at((side * cut.diameterMm) / 2, cutDepth)),
              ]),
              { weight: "heavy" },
            ),
            segments([line(at(-cut.diameterMm / 2, cutDepth), at(cut.diameterMm / 2, cutDepth))], {
              weight: "outline",
              dashed: true,
            }),
          ]),
      ...dimensionMarks(
        line({ x: depthAt, y: ABOVE }, { x: depthAt, y: ABOVE + depthMm * scale }),
        { weight: "dimension" },
      ),
      text("end", depthAt - 8, ABOVE + (depthMm * scale) / 2 + 5, printLength(depthMm, units)),
      ...(edgeMm === undefined
        ? []
        : [
            ...dimensionMarks(
              line({ x: originX, y: ABOVE - 14 }, { x: originX + edgeMm * scale, y: ABOVE - 14 }),
              { weight: "dimension" },
            ),
            text("middle", originX + (edgeMm * scale) / 2, ABOVE - 22, printLength(edgeMm, units)),
          ]),
    ],
  };
}
