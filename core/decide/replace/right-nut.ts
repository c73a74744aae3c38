import { isStructuralScrew, madeToOf, type ScrewSpec } from "../../callout";
import { matchingNut, nutClassById, type NutClass } from "../../catalogue/grades";
import { countedGrade } from "./counted-grade";

/**
 * The class of nut that goes with a screw: by the standard of a structural bolt (class 10 on HR and HV, EN 14399; C on an
 * A325, DH where it is galvanised, ASTM F3125), else the weakest that breaks the bolt before it strips.
 */
export function rightNut(spec: ScrewSpec): NutClass | undefined {
  const grade = countedGrade(spec)?.grade;
  if (grade === undefined || grade.system === "non-ferrous") return undefined;
  const madeTo = madeToOf(spec);
  if (isStructuralScrew(spec) && madeTo !== "ASTM F3125") return nutClassById("nut-10");
  if (grade.id === "a325" && spec.finish === "galvanised") return nutClassById("nut-a563-dh");
  return matchingNut(grade, spec.thread);
}
