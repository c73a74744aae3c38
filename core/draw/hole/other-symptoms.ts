import { chain, segments, type Mark, type Stroke } from "../marks";
import type { Symptom } from "../../mend/repair";
import { at, block, bolt, line, wall, type Section, type Teeth } from "./symptom-parts";

/** What is drawn beside the first eight: what is stuck, and threads in nuts, sheet and plastic. */
export type OtherSymptom = Exclude<
  Symptom,
  "strips" | "cross-threaded" | "pulled-out" | "snapped" | "bruised" | "too-small" | "new" | "leaks"
>;

const OUTLINE: Stroke = { weight: "outline" };
const HEAVY: Stroke = { weight: "heavy" };
const FINE: Stroke = { weight: "fine", opacity: 0.6 };

const walls = (section: Section, teeth: Teeth): Mark[] => [
  ...wall(section, -1, teeth),
  ...wall(section, 1, teeth),
];

/** Rust between a bolt and its hole: short strokes on both sides. */
function rust({ middle, radius, top, bottom }: Section): Mark {
  const rows = Math.floor((bottom - top) / 6);
  return segments(
    Array.from({ length: rows }, (_, i) => top + 3 + i * 6).flatMap((y) =>
      [-1, 1].map((side) =>
        line(at(middle + side * (radius - 8), y), at(middle + side * (radius - 2), y + 3)),
      ),
    ),
    HEAVY,
  );
}

/** A hexagon from above, its corners rubbed round. */
function roundedHead(middle: number, y: number, radius: number): Mark[] {
  const corners = Array.from({ length: 7 }, (_, i) => (i * Math.PI) / 3);
  return [
    { kind: "circle", centre: at(middle, y), radius, stroke: OUTLINE },
    chain(
      corners.map((turn) =>
        at(middle + 1.3 * radius * Math.cos(turn), y + 1.3 * radius * Math.sin(turn)),
      ),
      { weight: "outline", dashed: true },
    ),
  ];
}

/** Sheet seen from its edge, with a gap for the hole. */
function sheet(left: number, right: number, gap: readonly [number, number], y: number): Mark {
  const thick = 7;
  return segments(
    [0, thick].flatMap((deep) => [
      line(at(left, y + deep), at(gap[0], y + deep)),
      line(at(gap[1], y + deep), at(right, y + deep)),
    ]),
    OUTLINE,
  );
}

function box(left: number, right: number, top: number, bottom: number, stroke = OUTLINE): Mark {
  return chain(
    [at(left, top), at(right, top), at(right, bottom), at(left, bottom), at(left, top)],
    stroke,
  );
}

/** Small waves under a floor: what a hole opens into. */
function space(left: number, right: number, y: number): Mark {
  const count = Math.floor((right - left) / 8);
  return chain(
    Array.from({ length: count + 1 }, (_, i) => at(left + i * 8, y + (i % 2 === 0 ? 0 : 5))),
    { weight: "dimension" },
  );
}

/** A small section of what is wrong with what is stuck, or in a nut, sheet, plastic or a cylinder. */
export function otherSymptomMarks(
  symptom: OtherSymptom,
  section: Section,
  width: number,
): readonly Mark[] {
  const { middle, radius, top, bottom } = section;
  const around = block(section, width, false);
  const [left, right] = [10, width - 10];
  const deep = (top + bottom) / 2;
  switch (symptom) {
    case "seized":
      return [...around, ...bolt(section, bottom - 6, true), rust(section)];
    case "rounded":
      return roundedHead(middle, deep - 2, 28);
    case "broken-tap":
      return [
        ...around,
        ...walls(section, "whole"),
        chain(
          [
            at(middle - 12, top + 12),
            at(middle - 4, top + 6),
            at(middle + 5, top + 14),
            at(middle + 12, top + 8),
          ],
          HEAVY,
        ),
        segments(
          [-12, -4, 4, 12].map((x) => line(at(middle + x, top + 12), at(middle + x, bottom - 4))),
          OUTLINE,
        ),
      ];
    case "off-centre": {
      const off = { ...section, middle: middle + 12 };
      return [
        ...block(off, width, false),
        ...walls(off, "none"),
        segments(
          [
            line(at(middle, top - 16), at(middle, bottom + 8)),
            line(at(middle - 8, top - 8), at(middle + 8, top - 8)),
          ],
          { weight: "fine", dashed: true },
        ),
      ];
    }
    case "nut-stripped":
      return [
        sheet(left, right, [middle - 14, middle + 14], top),
        box(middle - 34, middle - 18, top + 9, bottom - 8),
        box(middle + 18, middle + 34, top + 9, bottom - 8),
        ...walls({ ...section, radius: 18, top: top + 9, bottom: bottom - 8 }, "gone"),
      ];
    case "insert-out":
      return [
        ...around,
        ...walls(section, "whole"),
        ...[0, 1, 2].map((i): Mark => ({
          kind: "circle",
          centre: at(middle + (i - 1) * 3, top - 14 + i * 8),
          radius: 9,
          stroke: OUTLINE,
        })),
      ];
    case "thin-sheet":
      return [
        sheet(left, right, [middle - 16, middle + 16], deep),
        ...bolt({ ...section, radius: 18, top: deep - 6 }, bottom, true),
      ];
    case "plastic":
      return [
        box(middle - 34, middle - radius, top, bottom, { weight: "outline", dashed: true }),
        box(middle + radius, middle + 34, top, bottom, { weight: "outline", dashed: true }),
        ...walls(section, "gone"),
        segments([line(at(left, bottom), at(right, bottom))], FINE),
      ];
    case "combustion":
      return [
        ...block(section, width, true),
        ...walls({ ...section, bottom: bottom - 6 }, "bruised"),
        space(left + 14, right - 14, bottom + 6),
      ];
  }
}
