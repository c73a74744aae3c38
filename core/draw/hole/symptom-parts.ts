import { chain, segments, type Mark, type Place, type Segment } from "../marks";

/** Teeth along a wall, by how they stand. */
export type Teeth = "whole" | "gone" | "askew" | "bruised" | "none";

const PITCH = 9;
const TOOTH = 6;

export interface Section {
  readonly middle: number;
  readonly radius: number;
  readonly top: number;
  readonly bottom: number;
}

export const at = (x: number, y: number): Place => ({ x, y });
export const line = (from: Place, to: Place): Segment => ({ from, to });

/** One wall of the hole as a zigzag; what is torn off runs straight, with crumbs. */
export function wall({ middle, radius, top, bottom }: Section, side: 1 | -1, teeth: Teeth): Mark[] {
  const x = (depth: number) => middle + side * (radius - depth);
  const count = Math.floor((bottom - top) / PITCH);
  if (teeth === "none") {
    return [segments([line(at(x(0), top), at(x(0), bottom))], { weight: "outline", dashed: true })];
  }
  const points = Array.from({ length: count + 1 }, (_, i) => top + i * PITCH).flatMap((y, i) => {
    const lean = teeth === "askew" ? side * 3 : 0;
    const blunt = teeth === "gone" || (teeth === "bruised" && i % 3 === 1);
    return [at(x(0), y), at(x(blunt ? 1 : TOOTH), Math.min(bottom, y + PITCH / 2 + lean))];
  });
  return [chain(points, { weight: "outline" })];
}

export function block(
  { middle, radius, top, bottom }: Section,
  width: number,
  through: boolean,
): Mark[] {
  const [left, right] = [middle - width / 2 + 8, middle + width / 2 - 8];
  const floor = through
    ? []
    : [
        line(at(middle - radius, bottom), at(middle, bottom + 9)),
        line(at(middle + radius, bottom), at(middle, bottom + 9)),
      ];
  return [
    segments(
      [
        line(at(left, top), at(middle - radius, top)),
        line(at(middle + radius, top), at(right, top)),
        ...floor,
      ],
      { weight: "outline" },
    ),
    segments(
      [line(at(left, top), at(left, bottom + 14)), line(at(right, top), at(right, bottom + 14))],
      { weight: "fine", opacity: 0.6 },
    ),
  ];
}

/** A bolt in the hole, its head above, ending at a height. */
export function bolt({ middle, radius, top }: Section, ends: number, headed: boolean): Mark[] {
  const shank = radius - TOOTH - 1;
  const head = headed
    ? [
        chain(
          [
            at(middle - radius - 8, top - 4),
            at(middle - radius - 8, top - 20),
            at(middle + radius + 8, top - 20),
            at(middle + radius + 8, top - 4),
            at(middle - radius - 8, top - 4),
          ],
          { weight: "outline" },
        ),
      ]
    : [];
  return [
    ...head,
    segments(
      [
        line(at(middle - shank, top - (headed ? 4 : 0)), at(middle - shank, ends)),
        line(at(middle + shank, top - (headed ? 4 : 0)), at(middle + shank, ends)),
        line(at(middle - shank, ends), at(middle + shank, ends)),
      ],
      { weight: "outline" },
    ),
  ];
}
