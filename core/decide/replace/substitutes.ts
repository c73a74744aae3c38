import { headOf, isStructuralScrew, type ScrewSpec } from "../../callout";
import type { Circumstances } from "../../catalogue/circumstances";
import { finishSuits, galvanicPair, stockLengths } from "../../catalogue/fasteners";
import { compareGrades, gradeById, gradesAtLeast, type Grade } from "../../catalogue/grades";
import { FINISHES, isMadeOf, type Finish, type HeadStyle } from "../../catalogue/looks";
import type { Mm } from "../../measure";
import { embrittles, embrittlesSet, isPlated, neverGalvanised } from "./cautions";

/** What is other in a substitute. `words` makes the sentence. */
export type Change =
  | {
      readonly code: "stronger-grade";
      readonly from: Grade;
      readonly to: Grade;
      readonly tensile: number;
    }
  | { readonly code: "other-finish"; readonly from: Finish | undefined; readonly to: Finish }
  | { readonly code: "other-head"; readonly from: HeadStyle; readonly to: HeadStyle }
  | { readonly code: "longer"; readonly from: Mm; readonly to: Mm };

/** A part that may go in instead, and what changes with it. */
export interface Substitute {
  readonly spec: ScrewSpec;
  readonly changes: readonly Change[];
}

/** A head that takes the same place: the other way of turning it, no sunk head for a proud one. */
const OTHER_HEADS: Partial<Readonly<Record<HeadStyle, HeadStyle>>> = {
  hex: "flange-hex",
  "flange-hex": "hex",
  "socket-cap": "hex",
  "low-cap": "socket-cap",
  button: "socket-cap",
  pan: "cheese",
  cheese: "pan",
  round: "pan",
};

const BOUGHT: readonly Finish[] = FINISHES.filter(
  (finish) => finish !== "cadmium" && !isMadeOf(finish),
);

function byGrade(spec: ScrewSpec): Substitute[] {
  const grade = spec.gradeId === undefined ? undefined : gradeById(spec.gradeId);
  if (grade === undefined) return [];
  return gradesAtLeast(grade, spec.thread)
    .filter(({ grade: { system } }) => system === grade.system)
    .filter(({ grade: to }) => !(embrittles(to, spec.thread.majorMm) && isPlated(spec.finish)))
    .slice(0, 2)
    .map(({ grade: to, tensile }) => ({
      spec: { ...spec, gradeId: to.id },
      changes: [{ code: "stronger-grade", from: grade, to, tensile }],
    }));
}

function finishes(
  { gradeId, hardnessClass, finish, thread }: ScrewSpec,
  place: Circumstances,
): Finish[] {
  const grade = gradeId === undefined ? undefined : gradeById(gradeId);
  const brittle =
    (grade !== undefined && embrittles(grade, thread.majorMm)) ||
    (hardnessClass !== undefined && embrittlesSet(hardnessClass));
  return BOUGHT.filter(
    (to) =>
      to !== finish &&
      // Bare steel is no step up from anything, nor is it with a phosphate alone.
      to !== "plain" &&
      to !== "phosphate" &&
      finishSuits(to, place.environment) === "good" &&
      galvanicPair(to, place.metal, place.environment)?.sound !== false &&
      !(brittle && isPlated(to)) &&
      !(to === "galvanised" && grade !== undefined && neverGalvanised(grade, thread.majorMm)),
  );
}

function byFinish(spec: ScrewSpec, place: Circumstances): Substitute[] {
  const { finish } = spec;
  if (isMadeOf(finish)) return [];
  return finishes(spec, place)
    .slice(0, 2)
    .map((to) => ({
      spec: { ...spec, finish: to },
      changes: [{ code: "other-finish", from: finish, to }],
    }));
}

/** Stainless only where it holds as much as what was there. */
function byStainless(spec: ScrewSpec, { environment, metal }: Circumstances): Substitute[] {
  const grade = spec.gradeId === undefined ? undefined : gradeById(spec.gradeId);
  const steel = gradeById(environment === "marine" || environment === "food" ? "A4-80" : "A2-70");
  const other = grade?.system === "stainless" || grade?.system === "non-ferrous";
  if (grade === undefined || steel === undefined || other) return [];
  const compared = compareGrades(steel, grade, spec.thread);
  if (compared?.atLeast !== true) return [];
  if (galvanicPair("stainless", metal, environment)?.sound === false) return [];
  return [
    {
      spec: { ...spec, gradeId: steel.id, finish: "stainless" },
      changes: [
        { code: "stronger-grade", from: grade, to: steel, tensile: compared.tensile },
        { code: "other-finish", from: spec.finish, to: "stainless" },
      ],
    },
  ];
}

function byHead(spec: ScrewSpec): Substitute[] {
  const from = headOf(spec);
  const to = OTHER_HEADS[from];
  if (to === undefined) return [];
  const { drive: _drive, ...rest } = spec;
  return [{ spec: { ...rest, head: to }, changes: [{ code: "other-head", from, to }] }];
}

function byLength(spec: ScrewSpec): Substitute[] {
  const { lengthMm } = spec;
  if (lengthMm === undefined) return [];
  const longer = stockLengths(headOf(spec), spec.thread).find((one) => one > lengthMm + 0.01);
  return longer === undefined
    ? []
    : [
        {
          spec: { ...spec, lengthMm: longer },
          changes: [{ code: "longer", from: lengthMm, to: longer }],
        },
      ];
}

/** How much a change asks of the fitter: a coat least, another length most. */
const WEIGHT: Readonly<Record<Change["code"], number>> = {
  "other-finish": 1,
  "stronger-grade": 2,
  "other-head": 3,
  longer: 4,
};

const asks = ({ changes }: Substitute) => changes.reduce((sum, { code }) => sum + WEIGHT[code], 0);

/**
 * What may go in instead of a screw, the least change first: at least the class, the same thread, a finish that suits
 * the place. Never a weaker class, a shorter screw or another thread; for a structural bolt nothing of another standard.
 */
export function substitutesFor(
  spec: ScrewSpec,
  circumstances: Circumstances,
): readonly Substitute[] {
  if (isStructuralScrew(spec)) return [...byFinish(spec, circumstances), ...byLength(spec)];
  return [
    ...byFinish(spec, circumstances),
    ...byGrade(spec),
    ...byStainless(spec, circumstances),
    ...byHead(spec),
    ...byLength(spec),
  ].sort((one, other) => asks(one) - asks(other));
}
