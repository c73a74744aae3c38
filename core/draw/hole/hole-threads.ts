import { chain, segments, type Mark, type Segment, type Stroke } from "../marks";
import { LEAST_SOUND, boreOf, soundShareOf, type Damage } from "../../mend/repair";
import type { Mm } from "../../measure";
import { line, type HoleFrame } from "./hole-frame";
import { hatch } from "./hole-metal";

/** Threads that are drawn torn: little strokes, fewer than there were. */
const TORN_STEP = 0.9;
/** Depth of a drawn thread, in pitches. */
const TOOTH = 0.54;

const SIDES = [-1, 1] as const;

/** Whole thread along both walls, as a zigzag between its major and its minor diameter. */
export function threadMarks(
  { at }: HoleFrame,
  majorMm: Mm,
  pitchMm: Mm,
  { from, to }: { readonly from: Mm; readonly to: Mm },
  stroke: Stroke,
): Mark[] {
  const count = Math.max(0, Math.floor((to - from) / pitchMm));
  return SIDES.map((side) =>
    chain(
      Array.from({ length: count }, (_, i) => from + i * pitchMm).flatMap((y) => [
        at((side * majorMm) / 2, y),
        at(side * (majorMm / 2 - TOOTH * pitchMm), y + pitchMm / 2),
        at((side * majorMm) / 2, y + pitchMm),
      ]),
      stroke,
    ),
  );
}

/** What is left of a torn thread on both walls. */
function torn({ at, radius }: HoleFrame, pitchMm: Mm, depthMm: Mm): Segment[] {
  const step = TORN_STEP * pitchMm;
  const count = Math.floor(depthMm / step);
  return Array.from({ length: count }, (_, i) => (i + 0.5) * step).flatMap((y) =>
    SIDES.map((side) =>
      line(at(side * radius, y), at(side * (radius - 0.35 * pitchMm), y + 0.3 * pitchMm)),
    ),
  );
}

/** The stump of a bolt that snapped, hatched the finer. */
function stump(frame: HoleFrame, majorMm: Mm, depthMm: Mm): Mark[] {
  const { at } = frame;
  const [radius, top] = [majorMm / 2, 0.12 * depthMm];
  const bottom = Math.max(top, 0.8 * depthMm);
  return [
    chain([at(-radius, top), at(-radius / 3, top - 1), at(radius / 4, top + 1), at(radius, top)], {
      weight: "outline",
    }),
    segments([line(at(-radius, bottom), at(radius, bottom))], { weight: "outline" }),
    segments(hatch(frame, { left: -radius, right: radius, top, bottom }, 5), {
      weight: "fine",
      opacity: 0.8,
    }),
  ];
}

/** What is wrong with the hole, drawn where it is. */
export function damageMarks(damage: Damage, frame: HoleFrame): Mark[] {
  const { thread, symptom, depthMm, hole } = damage;
  const { majorMm, pitchMm } = thread;
  const to = hole === "blind" ? Math.max(0, depthMm - 2 * pitchMm) : depthMm;
  // A bore wider than its thread has none left on its walls.
  if (symptom === "new" || (symptom === "too-small" && boreOf(damage) > majorMm)) return [];
  if (symptom === "snapped") return stump(frame, majorMm, depthMm);
  if (soundShareOf(damage) < LEAST_SOUND) {
    return [segments(torn(frame, pitchMm, to), { weight: "dimension" })];
  }
  const whole = { weight: "dimension" } as const;
  return threadMarks(frame, majorMm, pitchMm, { from: 0, to }, whole);
}
