import type { FastenerSpec, ScrewSpec } from "../../callout";
import type { Environment, PartMetal, Circumstances, Duty } from "../../catalogue/circumstances";
import { finishSuits, galvanicPair, type GalvanicPair } from "../../catalogue/fasteners";
import {
  bandAt,
  gradeById,
  vickersOf,
  type Grade,
  type HardnessClass,
} from "../../catalogue/grades";
import { isNoSteel, type Finish } from "../../catalogue/looks";
import { countedGrade } from "./counted-grade";

/** What a fitter must know about a part before it goes in. `words` makes the sentence. */
export type Caution =
  | { readonly code: "duty"; readonly duty: Exclude<Duty, "ordinary"> }
  /** The outlet of a gas cylinder, or what goes on it. */
  | { readonly code: "gas-cylinder" }
  | { readonly code: "no-grade" }
  /** Of brass, aluminium, titanium or plastic: no class of steel says what it holds. */
  | { readonly code: "no-steel"; readonly finish: Finish }
  | { readonly code: "stainless-galls" }
  | {
      readonly code: "embrittlement";
      readonly grade: Grade | HardnessClass;
      readonly finish: Finish | undefined;
    }
  | { readonly code: "cadmium" }
  | { readonly code: "galvanised-nut" }
  | {
      readonly code: "finish-does-not-suit";
      readonly finish: Finish;
      readonly environment: Environment;
      readonly never: boolean;
    }
  | {
      readonly code: "galvanic";
      readonly finish: Finish;
      readonly metal: PartMetal;
      readonly pair: GalvanicPair;
    }
  | { readonly code: "unverified-grade"; readonly grade: Grade };

/** Tensile strength from which hydrogen that plating leaves in the steel can break it (ISO 4042). */
const EMBRITTLES_MPA = 1000;

const PLATED: ReadonlySet<Finish> = new Set([
  "zinc",
  "zinc-yellow",
  "nickel",
  "galvanised",
  "cadmium",
]);

const NO_STEEL: ReadonlySet<Grade["system"]> = new Set(["stainless", "non-ferrous"]);

/** Whether hydrogen from plating can break a class at this size. */
export function embrittles(grade: Grade, majorMm: number): boolean {
  const tensile = bandAt(grade, majorMm)?.tensileMpa ?? 0;
  return !NO_STEEL.has(grade.system) && tensile >= EMBRITTLES_MPA;
}

/** From this strength no bolt is hot-dip galvanised (ISO 10684 ends at 10.9); ASTM F3125 forbids it for A490. */
const NEVER_GALVANISED_MPA = 1170;
const NEVER_GALVANISED: ReadonlySet<string> = new Set(["a490", "a574"]);

/** Whether a class must never be hot-dip galvanised: hydrogen of the pickling breaks it. */
export function neverGalvanised(grade: Grade, majorMm: number): boolean {
  const tensile = bandAt(grade, majorMm)?.tensileMpa ?? 0;
  return (
    NEVER_GALVANISED.has(grade.id) ||
    (embrittles(grade, majorMm) && tensile >= NEVER_GALVANISED_MPA)
  );
}

/** Above this Vickers hardness the same holds of a screw that is only pressed (ISO 4042). */
const EMBRITTLES_HV = 390;

/** Whether hydrogen from plating can break a set screw of this class. */
export function embrittlesSet(hardness: HardnessClass): boolean {
  return vickersOf(hardness)[1] > EMBRITTLES_HV;
}

/** Whether a finish is plated or dipped on. */
export function isPlated(finish: Finish | undefined): boolean {
  return finish !== undefined && PLATED.has(finish);
}

/** The cautions that a finish carries in its place. */
function finishCautions(finish: Finish, { environment, metal }: Circumstances): readonly Caution[] {
  const suits = finishSuits(finish, environment);
  const pair = galvanicPair(finish, metal, environment);
  return [
    ...(suits === "good"
      ? []
      : [{ code: "finish-does-not-suit", finish, environment, never: suits === "never" } as const]),
    ...(pair === undefined || pair.sound
      ? []
      : [{ code: "galvanic", finish, metal, pair } as const]),
    ...(finish === "stainless" ? [{ code: "stainless-galls" } as const] : []),
    ...(finish === "cadmium" ? [{ code: "cadmium" } as const] : []),
    ...(finish === "galvanised" ? [{ code: "galvanised-nut" } as const] : []),
  ];
}

/** The caution of what hangs on the joint, where something does, and of a thread that is of gas alone. */
function duties(part: FastenerSpec, { duty }: Circumstances): readonly Caution[] {
  const ofGas = "thread" in part && part.thread?.family === "gas-cylinder";
  return [
    ...(duty === "ordinary" ? [] : [{ code: "duty", duty } as const]),
    ...(ofGas ? [{ code: "gas-cylinder" } as const] : []),
  ];
}

/** The cautions that a part carries in its place, the gravest first. */
export function cautionsFor(spec: ScrewSpec, circumstances: Circumstances): readonly Caution[] {
  const grade = spec.gradeId === undefined ? undefined : gradeById(spec.gradeId);
  const { finish, hardnessClass } = spec;
  return [
    ...duties(spec, circumstances),
    ...(hardnessClass !== undefined && embrittlesSet(hardnessClass)
      ? [{ code: "embrittlement", grade: hardnessClass, finish } as const]
      : []),
    ...(countedGrade(spec)?.by === "weakest" ? [{ code: "no-grade" } as const] : []),
    ...(grade === undefined && isNoSteel(finish) && finish !== undefined
      ? [{ code: "no-steel", finish } as const]
      : []),
    ...(grade !== undefined && embrittles(grade, spec.thread.majorMm)
      ? [{ code: "embrittlement", grade, finish } as const]
      : []),
    ...(finish === undefined ? [] : finishCautions(finish, circumstances)),
    ...(grade === undefined || grade.verified
      ? []
      : [{ code: "unverified-grade", grade } as const]),
  ];
}

/** The same of any part: of what is no screw, what hangs on its joint and what its finish carries. */
export function cautionsOf(part: FastenerSpec, circumstances: Circumstances): readonly Caution[] {
  if (part.part === "screw") return cautionsFor(part, circumstances);
  const { finish } = part;
  return [
    ...duties(part, circumstances),
    ...(finish === undefined ? [] : finishCautions(finish, circumstances)),
  ];
}
