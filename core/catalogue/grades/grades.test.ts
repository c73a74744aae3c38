import { named } from "../../testing";
import {
  bandAt,
  compareGrades,
  gradeById,
  gradesAtLeast,
  gradesFor,
  matchingNut,
  nearestGrades,
  nutClassById,
  nutHolds,
  readBoltMark,
  readNutMark,
  stockedGrades,
  GRADES,
  type Grade,
  type NutClass,
} from "./index";

function graded(id: string): Grade {
  const grade = gradeById(id);
  if (grade === undefined) throw new Error(`no grade ${id}`);
  return grade;
}

function nut(id: string): NutClass {
  const found = nutClassById(id);
  if (found === undefined) throw new Error(`no nut ${id}`);
  return found;
}

describe("marks on a bolt's head", () => {
  it.each([
    ["8.8", "M10", "8.8", "named"],
    ["lines:3", "1/2-13", "sae-5", "several"],
    ["lines:6", "1/2-13", "sae-8", "named"],
    ["lines:5", "1/2-13", "sae-5", "obsolete-lines"],
    ["lines:1", "1/2-13", "sae-2", "obsolete-lines"],
    ["A325", "5/8-11", "a325", "named"],
    ["A2-70", "M8", "A2-70", "named"],
    ["a4 80", "M8", "A4-80", "named"],
    ["A2", "M8", "A2-50", "steel-only"],
    ["letter:R", "1/2 bsw", "letter-R", "named"],
    ["none", "M10", "4.6", "unmarked"],
    ["none", "1/2-13", "sae-1", "unmarked"],
    ["none", "3/8 bsf", "mild-28", "unmarked"],
    ["THREE STARS", "M10", "4.6", "unmarked"],
    ["9.8", "M20", "4.6", "not-in-size"],
    ["lines:6", "M10", "sae-8", "other-system"],
  ])("%s on %s counts as %s (%s)", (mark, name, id, sense) => {
    const read = readBoltMark(mark, named(name));
    expect([read.grade?.id, read.sense]).toEqual([id, sense]);
  });

  it("never count for more than the weakest class they may mean", () => {
    for (const name of ["M6", "M20", "1/4-20", "3/4-10", "1 1/4-7 unc"]) {
      const thread = named(name);
      for (const mark of ["none", "lines:1", "lines:2", "lines:3", "lines:4", "A2", "XYZ"]) {
        const { grade, meant } = readBoltMark(mark, thread);
        const counted = grade === undefined ? 0 : (bandAt(grade, thread.majorMm)?.tensileMpa ?? 0);
        for (const other of meant) {
          const its = bandAt(other, thread.majorMm)?.tensileMpa ?? Infinity;
          expect(counted).toBeLessThanOrEqual(its);
        }
      }
    }
  });
});

describe("marks on a nut", () => {
  it.each([
    ["8", "M10", "nut-8"],
    ["nut-angle:120", "M10", "nut-8"],
    ["nut-angle:240", "M10", "nut-8"],
    ["nut-angle:60", "M10", "nut-10"],
    ["nut-angle:180", "M10", "nut-6"],
    ["nut-angle:120", "1/2-13", "nut-sae-5"],
    ["nut-angle:55", "1/2-13", "nut-sae-8"],
    ["nut-marks:6", "1/2-13", "nut-sae-8"],
    ["A2-70", "M8", "nut-stainless-70"],
    ["none", "M10", undefined],
    ["nut-angle:25", "1/2-13", undefined],
  ])("%s on %s is %s", (mark, name, id) => {
    expect(readNutMark(mark, named(name)).nutClass?.id).toBe(id);
  });
});

describe("the nut for a bolt", () => {
  it.each([
    ["8.8", "M10", "nut-8"],
    ["8.8", "M20", "nut-8"],
    ["10.9", "M10", "nut-10"],
    ["12.9", "M12", "nut-12"],
    ["5.8", "M8", "nut-5"],
    ["4.6", "M8", "nut-5"],
    ["sae-5", "1/2-13", "nut-sae-5"],
    ["sae-8", "1/2-13", "nut-sae-8"],
    ["sae-2", "1/2-13", "nut-sae-2"],
    ["a325", "3/4-10", "nut-a563-c"],
    ["a490", "3/4-10", "nut-a563-dh"],
    ["A2-70", "M8", "nut-stainless-70"],
    ["letter-R", "1/2 bsw", undefined],
  ])("of %s in %s is %s", (id, name, expected) => {
    expect(matchingNut(graded(id), named(name))?.id).toBe(expected);
  });

  it("holds what it is matched to, and never with a thin one", () => {
    for (const name of ["M10", "1/2-13"]) {
      const thread = named(name);
      for (const grade of gradesFor(thread)) {
        const match = matchingNut(grade, thread);
        if (match !== undefined) expect(nutHolds(match, grade, thread)).toBe(true);
        expect(nutHolds(nut("nut-04"), grade, thread)).toBe(false);
      }
    }
    expect(nutHolds(nut("nut-8"), graded("10.9"), named("M10"))).toBe(false);
  });
});

describe("equivalents", () => {
  it("are the nearest by their figures: 8.8 with grade 5, 10.9 with grade 8", () => {
    const inch = GRADES.filter(({ system }) => system === "inch");
    const nearest = (id: string) => nearestGrades(graded(id), named("M12"), inch)[0]?.grade.id;
    expect(nearest("8.8")).toBe("sae-5");
    expect(nearest("10.9")).toBe("sae-8");
    expect(nearest("4.6")).toBe("sae-1");
  });

  it("call stainless weaker than 8.8 where its yield is", () => {
    const compared = compareGrades(graded("A2-70"), graded("8.8"), named("M10"));
    // 450 yield against 580 proof, 700 against 800 tensile (ISO 3506-1, ISO 898-1).
    expect(compared?.serving).toBeCloseTo(450 / 580, 3);
    expect(compared?.tensile).toBeCloseTo(700 / 800, 3);
    expect(compared?.atLeast).toBe(false);
  });

  it("offer nothing weaker as at least as strong", () => {
    const thread = named("M10");
    for (const grade of gradesFor(thread)) {
      const own = bandAt(grade, thread.majorMm)?.tensileMpa ?? 0;
      for (const other of gradesAtLeast(grade, thread)) {
        const its = bandAt(other.grade, thread.majorMm)?.tensileMpa ?? 0;
        expect(its).toBeGreaterThanOrEqual(0.99 * own);
      }
    }
    expect(gradesAtLeast(graded("12.9"), thread)).toEqual([]);
  });
});

describe("the classes held", () => {
  it("have figures in their order and no gap between their bands", () => {
    for (const { id, bands } of GRADES) {
      for (const { proofMpa = 0, yieldMpa = Infinity, tensileMpa } of bands) {
        expect([id, proofMpa <= yieldMpa]).toEqual([id, true]);
        expect([id, Math.min(yieldMpa, tensileMpa) <= tensileMpa]).toEqual([id, true]);
      }
      bands.slice(1).forEach((band, at) => {
        expect(band.fromMm - (bands[at]?.toMm ?? 0)).toBeLessThan(0.01);
      });
    }
  });
});

describe("marks as they stand on a head beside other signs", () => {
  it.each([
    ["8.8 the", "M10", "named", "8.8"],
    ["THE 8.8", "M10", "named", "8.8"],
    ["10.9 underlined", "M10", "named", "10.9"],
    ["_10.9_", "M10", "named", "10.9"],
    ["8.8 →", "M10", "named", "8.8"],
    ["B7", "3/4-10", "named", "b7"],
    ["A449", "3/4-10", "named", "a449"],
    ["BD", "3/4-10", "named", "a354-bd"],
    ["BC", "3/4-10", "named", "a354-bc"],
    ["F593C", "1/2-13", "named", "f593c"],
    // Two classes side by side prove neither.
    ["8.8 10.9", "M10", "unmarked", "4.6"],
    ["THE", "M10", "unmarked", "4.6"],
    // A nought before the class: not to be loaded as that class.
    ["08.8", "M10", "reduced", "4.6"],
    ["010.9", "M10", "reduced", "4.6"],
  ])("%s on %s: %s, counted as %s", (mark, name, sense, id) => {
    const read = readBoltMark(mark, named(name));
    expect([read.sense, read.grade?.id]).toEqual([sense, id]);
  });
});

/** Tensile strength in ksi by the standard's table; sizes in. */
const STUD_CLASSES: readonly (readonly [string, string, number, number | undefined])[] = [
  ["sae-4", "1/2-13", 115, 65],
  ["a449", "1-8", 120, 85],
  ["a449", "1 1/4-7", 105, 74],
  ["a449", "2-4.5", 90, 55],
  ["a354-bc", "1-8", 125, 105],
  ["a354-bd", "1-8", 150, 120],
  ["b7", "1-8", 125, undefined],
  ["f593c", "1/2-13", 100, undefined],
  ["f593d", "1-8", 85, undefined],
];

describe("classes of studs and plant", () => {
  it.each(STUD_CLASSES)("%s in %s breaks at %d ksi", (id, name, tensile, proof) => {
    const grade = gradeById(id);
    const band = grade && bandAt(grade, named(name).majorMm);
    expect(Math.round((band?.tensileMpa ?? 0) / 6.894757)).toBe(tensile);
    expect(band?.proofMpa === undefined ? undefined : Math.round(band.proofMpa / 6.894757)).toBe(
      proof,
    );
  });

  it("are never offered unasked, and have the nut their standard names", () => {
    expect(stockedGrades(named("3/4-10")).map(({ id }) => id)).not.toContain("b7");
    const b7 = gradeById("b7");
    expect(b7 && matchingNut(b7, named("3/4-10"))?.id).toBe("nut-a194-2h");
  });
});
