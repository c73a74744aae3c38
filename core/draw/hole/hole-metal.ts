import { segments, type Mark, type Segment } from "../marks";
import type { Damage } from "../../mend/repair";
import type { Mm } from "../../measure";
import { line, type HoleFrame } from "./hole-frame";

const HATCH = 10;
/** How far the axis runs over the part, in drawing units. */
const AXIS_OVER = 8;

interface Box {
  readonly left: Mm;
  readonly right: Mm;
  readonly top: Mm;
  readonly bottom: Mm;
}

/** Metal as it is hatched: lines from lower left to upper right, in step with those of the metal beside it. */
export function hatch(frame: HoleFrame, box: Box, apart = HATCH): Segment[] {
  const { left, right, top, bottom } = box;
  if (right <= left || bottom <= top) return [];
  const step = apart / frame.scale;
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

const KNOWN = { weight: "outline" } as const;
const GUESSED = { weight: "fine", dashed: true } as const;

/** What lies behind: oil, a bearing or wires, as waves under the metal. */
function behind({ at, left, right, bottom, scale }: HoleFrame): Mark {
  const wave = 8 / scale;
  const count = Math.floor((left + right) / wave);
  return {
    kind: "chain",
    stroke: { weight: "dimension" },
    points: Array.from({ length: count + 1 }, (_, i) =>
      at(-left + i * wave, bottom + (i % 2 === 0 ? 5 : 9) / scale),
    ),
  };
}

/** The metal round a hole, hatched; sides and floor that are not known are dashed. A hole that is not drilled yet is solid. */
export function metalMarks(damage: Damage, frame: HoleFrame, drilled: boolean): Mark[] {
  const { hole, edgeMm, thicknessMm } = damage;
  const { at, scale, radius, left, right, depth, point, bottom } = frame;
  const floor =
    hole === "through"
      ? []
      : [
          line(at(-radius, depth), at(0, depth + point)),
          line(at(radius, depth), at(0, depth + point)),
          line(at(-radius, depth), at(radius, depth)),
        ];
  const around = drilled
    ? [
        ...hatch(frame, { left: -left, right: -radius, top: 0, bottom }),
        ...hatch(frame, { left: radius, right, top: 0, bottom }),
        ...hatch(frame, { left: -radius, right: radius, top: depth + point, bottom }),
      ]
    : hatch(frame, { left: -left, right, top: 0, bottom });
  const edges = drilled
    ? [
        line(at(-left, 0), at(-radius, 0)),
        line(at(radius, 0), at(right, 0)),
        line(at(-radius, 0), at(-radius, depth)),
        line(at(radius, 0), at(radius, depth)),
        ...floor,
      ]
    : [line(at(-left, 0), at(right, 0))];
  const throughGap = drilled && hole === "through";
  const under = throughGap
    ? [line(at(-left, bottom), at(-radius, bottom)), line(at(radius, bottom), at(right, bottom))]
    : [line(at(-left, bottom), at(right, bottom))];
  return [
    segments(around, { weight: "fine", opacity: 0.35 }),
    segments(edges, KNOWN),
    segments([line(at(right, 0), at(right, bottom))], edgeMm === undefined ? GUESSED : KNOWN),
    segments([line(at(-left, 0), at(-left, bottom))], GUESSED),
    segments(under, hole === "through" || thicknessMm !== undefined ? KNOWN : GUESSED),
    segments([line(at(0, -AXIS_OVER / scale), at(0, bottom + AXIS_OVER / scale))], {
      weight: "fine",
      dashed: true,
      opacity: 0.7,
    }),
    ...(damage.behind === true ? [behind(frame)] : []),
  ];
}
