import { chain, segments, type Mark } from "../marks";
import type { Symptom } from "../../mend/repair";
import type { DrawingRoom } from "./hole-frame";
import { otherSymptomMarks } from "./other-symptoms";
import { at, block, bolt, line, wall, type Section, type Teeth } from "./symptom-parts";

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
    default:
      return otherSymptomMarks(symptom, section, width);
  }
}
