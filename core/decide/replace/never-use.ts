import { confusedWith, type LookAlike } from "../../identify/look-alikes";
import { isStructuralScrew, madeToOf, type ScrewSpec } from "../../callout";
import type { Circumstances } from "../../catalogue/circumstances";
import { finishSuits, galvanicPair } from "../../catalogue/fasteners";
import {
  bandAt,
  compareGrades,
  gradeById,
  gradeSystemOf,
  stockedGrades,
  type Grade,
} from "../../catalogue/grades";
import type { MadeTo } from "../../catalogue/heads";
import { FINISHES, type Finish } from "../../catalogue/looks";
import { embrittles, neverGalvanised } from "./cautions";

/** What must not go in, and why. `words` makes the sentence. */
export type NeverUse =
  | {
      readonly code: "weaker-grade";
      readonly grade: Grade;
      readonly other: Grade;
      readonly tensile: number;
    }
  | { readonly code: "look-alike"; readonly alike: LookAlike }
  | { readonly code: "weaker-stainless"; readonly grade: Grade; readonly other: Grade }
  | { readonly code: "plated-high-strength"; readonly grade: Grade }
  | { readonly code: "plain-nut-on-galvanised" }
  | { readonly code: "weaker-nut"; readonly grade: Grade }
  /** For a structural bolt: a bolt of another standard, however strong. */
  | { readonly code: "not-structural"; readonly madeTo: MadeTo }
  | { readonly code: "galvanised-high-strength"; readonly grade: Grade }
  | { readonly code: "finish"; readonly finish: Finish; readonly circumstances: Circumstances }
  | { readonly code: "shorter" };

const MOST_LOOK_ALIKES = 2;
/** Diameters farther apart than this are seen to differ. */
const ALIKE_WITHIN = 0.06;

function ofGrade(spec: ScrewSpec): NeverUse[] {
  const grade = spec.gradeId === undefined ? undefined : gradeById(spec.gradeId);
  if (grade === undefined) return [];
  const { majorMm } = spec.thread;
  const own = bandAt(grade, majorMm)?.tensileMpa ?? 0;
  const weaker = stockedGrades(spec.thread)
    .filter(({ system }) => system === grade.system)
    .map((other) => ({ other, tensile: (bandAt(other, majorMm)?.tensileMpa ?? 0) / (own || 1) }))
    .filter(({ tensile }) => tensile > 0 && tensile < 0.99)
    .sort((one, two) => two.tensile - one.tensile);
  const [next] = weaker;
  const stainless = gradeById("A2-70");
  const compared =
    stainless === undefined || grade.system === "stainless"
      ? undefined
      : compareGrades(stainless, grade, spec.thread);
  return [
    ...(next === undefined ? [] : [{ code: "weaker-grade", grade, ...next } as const]),
    ...(stainless !== undefined && compared?.atLeast === false
      ? [{ code: "weaker-stainless", grade, other: stainless } as const]
      : []),
    ...(embrittles(grade, majorMm) ? [{ code: "plated-high-strength", grade } as const] : []),
    ...(neverGalvanised(grade, majorMm)
      ? [{ code: "galvanised-high-strength", grade } as const]
      : []),
    { code: "weaker-nut", grade },
  ];
}

function ofStandard(spec: ScrewSpec): NeverUse[] {
  const madeTo = madeToOf(spec);
  return madeTo !== undefined && isStructuralScrew(spec)
    ? [{ code: "not-structural", madeTo }]
    : [];
}

function ofFinish(circumstances: Circumstances): NeverUse[] {
  const { environment, metal } = circumstances;
  return FINISHES.filter(
    (finish) =>
      finishSuits(finish, environment) === "never" ||
      (environment === "marine" && galvanicPair(finish, metal, environment)?.sound === false),
  ).map((finish) => ({ code: "finish", finish, circumstances }));
}

/** What must not go in instead of a screw, the likeliest mistake first. */
export function neverUse(spec: ScrewSpec, circumstances: Circumstances): readonly NeverUse[] {
  const bolts = confusedWith(spec.thread).filter(
    ({ thread, diameterMm }) =>
      gradeSystemOf(thread) !== undefined &&
      Math.abs(diameterMm) <= ALIKE_WITHIN * spec.thread.majorMm,
  );
  return [
    ...bolts.slice(0, MOST_LOOK_ALIKES).map((alike) => ({ code: "look-alike", alike }) as const),
    ...ofStandard(spec),
    ...ofGrade(spec),
    ...(spec.finish === "galvanised" ? [{ code: "plain-nut-on-galvanised" } as const] : []),
    ...(spec.lengthMm === undefined ? [] : [{ code: "shorter" } as const]),
    ...ofFinish(circumstances),
  ];
}
