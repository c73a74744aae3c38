import { headOf, type ScrewSpec } from "../callout";
import { USUAL_CIRCUMSTANCES, type TighteningSurface, type Circumstances } from "../circumstances";
import {
  headRecess,
  threadLength,
  turningTool,
  type HeadRecess,
  type ThreadLength,
  type TurningTool,
} from "../fasteners";
import {
  GRADES,
  gradeById,
  isStocked,
  nearestGrades,
  weakestGrade,
  type Grade,
  type GradeComparison,
} from "../grades";
import { chartDrill, clearanceHoles, type ChartDrill, type ClearanceHoles } from "../holes";
import {
  boltLoads,
  shearLoads,
  torqueRange,
  type BoltLoads,
  type ShearLoads,
  type TorqueRange,
} from "../joints";
import { headSize } from "../heads";
import { usualDrive, type Drive, type HeadSize, type HeadStyle } from "../looks";
import {
  cautionsFor,
  companionsOf,
  neverUse,
  specProblems,
  substitutesFor,
  type Caution,
  type Companions,
  type NeverUse,
  type SpecProblem,
  type Substitute,
} from "../replace";

/** How strong the part is, in the class counted on. */
export interface SheetStrength {
  readonly grade: Grade;
  /** The class was not said: the weakest of the system is counted on. */
  readonly assumed: boolean;
  readonly loads: BoltLoads;
  readonly shearThroughThreads: ShearLoads | undefined;
  readonly shearThroughShank: ShearLoads | undefined;
  /** The nearest classes of other standards, by figures. */
  readonly equivalents: readonly GradeComparison[];
}

/** Everything the product works out of one screw as it is asked for. */
export interface FastenerSheet {
  readonly spec: ScrewSpec;
  readonly circumstances: Circumstances;
  readonly head: HeadStyle;
  readonly drive: Drive;
  readonly headSize: HeadSize;
  readonly threadLength: ThreadLength | undefined;
  readonly tool: TurningTool;
  readonly recess: HeadRecess | undefined;
  /** Absent where the class is not made in this size, or the thread holds no bolts. */
  readonly strength: SheetStrength | undefined;
  readonly torque: TorqueRange | undefined;
  readonly drill: ChartDrill;
  readonly clearance: ClearanceHoles | undefined;
  readonly companions: Companions;
  readonly substitutes: readonly Substitute[];
  readonly never: readonly NeverUse[];
  readonly cautions: readonly Caution[];
  readonly problems: readonly SpecProblem[];
}

export interface SheetOptions {
  readonly circumstances?: Circumstances;
}

const MOST_EQUIVALENTS = 2;

/** The surface a finish is tightened on when nothing else was said. */
export function usualSurface({ finish }: ScrewSpec): TighteningSurface {
  switch (finish) {
    case "stainless":
      return "stainless";
    case "zinc":
    case "zinc-yellow":
    case "zinc-flake":
      return "dry-zinc";
    case "galvanised":
      return "oiled";
    default:
      return "dry-plain";
  }
}

/** Of classes with the same figures, as grades 5 and 5.2, the first stands for all. */
function distinct(compared: readonly GradeComparison[]): readonly GradeComparison[] {
  return compared.filter(
    ({ serving, tensile }, at) =>
      compared.findIndex((one) => one.serving === serving && one.tensile === tensile) === at,
  );
}

function strengthOf({ gradeId, hardnessClass, thread }: ScrewSpec): SheetStrength | undefined {
  // A class of hardness alone is of a screw that is pressed: no strength may be read out of it.
  if (gradeId === undefined && hardnessClass !== undefined) return undefined;
  const said = gradeId === undefined ? undefined : gradeById(gradeId);
  const grade = said ?? weakestGrade(thread);
  const loads = grade === undefined ? undefined : boltLoads(thread, grade);
  if (grade === undefined || loads === undefined) return undefined;
  const others = GRADES.filter(
    (other) =>
      other.system !== grade.system &&
      (other.system === "metric" || other.system === "inch") &&
      isStocked(other),
  );
  return {
    grade,
    assumed: said === undefined,
    loads,
    shearThroughThreads: shearLoads(thread, grade, "through-threads"),
    shearThroughShank: shearLoads(thread, grade, "through-shank"),
    equivalents: distinct(nearestGrades(grade, thread, others)).slice(0, MOST_EQUIVALENTS),
  };
}

/** Works out the whole sheet of a screw: pure, the same for the screen, the print and the PDF. */
export function fastenerSheet(spec: ScrewSpec, options: SheetOptions = {}): FastenerSheet {
  const { circumstances = USUAL_CIRCUMSTANCES } = options;
  const surface = circumstances.surface ?? usualSurface(spec);
  const { thread, lengthMm } = spec;
  const head = headOf(spec);
  const drive = spec.drive ?? usualDrive(head);
  const strength = strengthOf(spec);
  const split = lengthMm === undefined ? undefined : threadLength(head, thread, lengthMm, drive);
  return {
    spec,
    circumstances,
    head,
    drive,
    headSize: headSize(head, drive, thread),
    threadLength:
      split === undefined || spec.fullThread !== true || lengthMm === undefined
        ? split
        : { threadMm: lengthMm, plainMm: 0 },
    tool: turningTool(head, drive, thread),
    recess: headRecess(head, drive, thread),
    strength,
    torque: strength === undefined ? undefined : torqueRange(thread, strength.grade, surface),
    drill: chartDrill(thread),
    clearance: clearanceHoles(thread),
    companions: companionsOf(spec, circumstances),
    substitutes: substitutesFor(spec, circumstances),
    never: neverUse(spec, circumstances),
    cautions: cautionsFor(spec, circumstances),
    problems: specProblems(spec),
  };
}
