import { chain, segments, type Mark, type Place, type Segment } from "../outline";
import type { Symptom } from "../repair";
import type { DrawingRoom } from "./hole-frame";

/** Teeth along a wall, by how they stand. */
type Teeth = "whole" | "gone" | "askew" | "bruised" | "none";

const PITCH = 9;
const TOOTH = 6;

interface Section {
  readonly middle: number;
  readonly radius: number;
  readonly top: number;
  readonly bottom: number;
}

const at = (x: number, y: number): Place => ({ x, y });
const line = (from: Place, to: Place): Segment => ({ from, to });

/** One wall of the hole as a zigzag; what is torn off runs straight, with crumbs. */
function wall({ middle, radius, top, bottom }: Section, side: 1 | -1, teeth: Teeth): Mark[] {
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

function block({ middle, radius, top, bottom }: Section, width: number, through: boolean): Mark[] {
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
function bolt({ middle, radius, top }: Section, ends: number, headed: boolean): Mark[] {
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

/** A small section of what is wrong: what one sees, not a sign for it. */
export function symptomMarks(symptom: Symptom, { width, height }: DrawingRoom): readonly Mark[] {
  const section: Section = {
    middle: width / 2,
    radius: 22,
    top: 28,
    bottom: height - 18,
  };
  const walls = (teeth: Teeth) => [...wall(section, -1, teeth), ...wall(section, 1, teeth)];
  const around = block(section, width, false);
  const { middle, top, bottom, radius } = section;
  switch (symptom) {
    case "strips":
      return [...around, ...walls("gone"), ...bolt(section, bottom - 8, true)];
    case "cross-threaded":
      return [...around, ...walls("askew")];
    case "pulled-out":
      return [
        ...around,
        ...walls("gone"),
        ...bolt({ ...section, top: top - 2 }, top + 10, true),
        segments(
          [-1, 1].flatMap((side) =>
            [2, 6].map((y) =>
              line(at(middle + side * 15, top + y), at(middle + side * 21, top + y + 3)),
            ),
          ),
          { weight: "outline" },
        ),
      ];
    case "snapped":
      return [
        ...around,
        ...walls("whole"),
        ...bolt({ ...section, top: top + 14 }, bottom - 4, false),
        chain(
          [
            at(middle - 15, top + 14),
            at(middle - 5, top + 8),
            at(middle + 4, top + 16),
            at(middle + 15, top + 11),
          ],
          { weight: "heavy" },
        ),
      ];
    case "bruised":
      return [
        ...wall({ ...section, radius: 16, top: 10 }, -1, "bruised"),
        ...wall({ ...section, radius: 16, top: 10 }, 1, "bruised"),
        segments([line(at(middle - 16, 10), at(middle + 16, 10))], { weight: "outline" }),
      ];
    case "too-small":
      return [
        ...around,
        ...walls("whole"),
        segments(
          [-1, 1].map((side) =>
            line(at(middle + side * (radius + 9), top), at(middle + side * (radius + 9), bottom)),
          ),
          { weight: "heavy", dashed: true },
        ),
      ];
    case "new":
      return [...around, ...walls("none")];
    case "leaks":
      return [
        ...block(section, width, true),
        ...walls("whole"),
        ...bolt(section, bottom, true),
        segments(
          [8, 18, 28].map((y) =>
            line(at(middle + radius + 12, top + y), at(middle + radius + 15, top + y + 5)),
          ),
          { weight: "heavy" },
        ),
      ];
  }
}
