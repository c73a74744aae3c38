import {
  isCalloutProblem,
  parseCallout,
  type FastenerSpec,
  type OwnWord,
  type ScrewSpec,
} from "../../callout";
import { nutClassById } from "../../catalogue/grades";
import { countedGrade, replacementProblems, type SpecProblem } from "../replace";

/** Why a part may not go in for another: a screw's own shortcomings, or that it is no such part, weaker, or not read. */
export type AlternateProblem =
  | SpecProblem
  | { readonly code: "another-part" }
  | { readonly code: "weaker-nut" }
  | { readonly code: "alternate-not-read" };

/** A class that was not said counts as the weakest. */
function counted(spec: ScrewSpec): ScrewSpec {
  const gradeId = spec.gradeId ?? countedGrade(spec)?.grade.id;
  return gradeId === undefined ? spec : { ...spec, gradeId };
}

const nutStrength = (id: string | undefined) =>
  id === undefined ? 0 : (nutClassById(id)?.boltTensileMpa ?? 0);

function problemsOf(original: FastenerSpec, other: FastenerSpec): readonly AlternateProblem[] {
  if (original.part === "screw" && other.part === "screw") {
    return replacementProblems(original, original.gradeId === undefined ? other : counted(other));
  }
  if (original.part !== other.part) return [{ code: "another-part" }];
  if (original.part === "pin" || other.part === "pin") return [];
  const isOther =
    original.thread.id !== other.thread.id || original.thread.hand !== other.thread.hand;
  if (isOther) return [{ code: "another-part" }];
  if (original.part !== "nut" || other.part !== "nut") return [];
  const isWeaker =
    nutStrength(other.nutClassId) < nutStrength(original.nutClassId) ||
    (other.style === "thin" && original.style !== "thin");
  return isWeaker ? [{ code: "weaker-nut" }] : [];
}

/**
 * Why a part may not be ordered in the place of another: another thread, a lower class, too short, or what cannot be read
 * and so cannot be judged.
 * @param words the shop's own words of call-outs
 */
export function alternateProblems(
  callout: string,
  instead: string,
  words: readonly OwnWord[] = [],
): readonly AlternateProblem[] {
  const original = parseCallout(callout, words);
  const other = parseCallout(instead, words);
  if (isCalloutProblem(original) || isCalloutProblem(other)) {
    return [{ code: "alternate-not-read" }];
  }
  return problemsOf(original, other);
}
