import { headOf, type ScrewSpec } from "../../callout";
import { gradeById, weakestGrade, type Grade } from "../../catalogue/grades";
import { isMadeOf, isNoSteel, type Finish } from "../../catalogue/looks";

/** A class that loads and torques are counted with, and who says so. */
export interface CountedGrade {
  readonly grade: Grade;
  /** Said with the part; by the standard of its head; or, of a part that says nothing, the weakest there is. */
  readonly by: "said" | "standard" | "weakest";
}

/** The metal that a class is a class of: undefined of steels. */
export function metalOfGrade({ system, id }: Grade): Finish | undefined {
  if (system === "stainless") return "stainless";
  if (system !== "non-ferrous") return undefined;
  return id.startsWith("AL") ? "aluminium" : "brass";
}

/** Whether a class and what the part is made of exclude each other: "brass 10.9", "A2-70, brass". */
export function isAgainstMetal(grade: Grade, finish: Finish | undefined): boolean {
  const metal = metalOfGrade(grade);
  return isMadeOf(finish) && metal !== finish;
}

/** ISO 7379: shoulder screws are of class 12.9. */
const SHOULDER_CLASS = "12.9";
/** The weakest class of stainless steel, by the steel that was said. */
const WEAKEST_STAINLESS = "50";

function unsaid(spec: ScrewSpec): CountedGrade | undefined {
  const { thread, finish, steel } = spec;
  if (isNoSteel(finish)) return undefined;
  if (finish === "stainless") {
    const grade = gradeById(`${steel ?? "A2"}-${WEAKEST_STAINLESS}`) ?? gradeById("A2-50");
    return grade === undefined ? undefined : { grade, by: "weakest" };
  }
  if (headOf(spec) === "shoulder" && thread.family === "iso-metric") {
    const grade = gradeById(SHOULDER_CLASS);
    return grade === undefined ? undefined : { grade, by: "standard" };
  }
  const grade = weakestGrade(thread);
  return grade === undefined ? undefined : { grade, by: "weakest" };
}

/**
 * The class that a screw is counted with: as it was said, by its standard, else the weakest. No class of steel is counted
 * of a part of brass, aluminium, titanium or plastic, nor of one whose class and metal exclude each other.
 */
export function countedGrade(spec: ScrewSpec): CountedGrade | undefined {
  const { gradeId, hardnessClass, finish } = spec;
  // A class of hardness alone is of a screw that is pressed: no strength may be read out of it.
  if (gradeId === undefined && hardnessClass !== undefined) return undefined;
  const said = gradeId === undefined ? undefined : gradeById(gradeId);
  if (said === undefined) return unsaid(spec);
  return isAgainstMetal(said, finish) ? undefined : { grade: said, by: "said" };
}
