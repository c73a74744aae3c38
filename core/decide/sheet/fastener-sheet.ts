import {
  atEnd,
  headOf,
  holeEnd,
  isStructuralScrew,
  madeToOf,
  nutEnd,
  type ScrewSpec,
} from "../../callout";
import {
  USUAL_CIRCUMSTANCES,
  type TighteningSurface,
  type Circumstances,
} from "../../catalogue/circumstances";
import {
  headRecess,
  threadLength,
  turningTool,
  type HeadRecess,
  type ThreadLength,
  type TurningTool,
} from "../../catalogue/fasteners";
import {
  GRADES,
  isStocked,
  nearestGrades,
  type Grade,
  type GradeComparison,
} from "../../catalogue/grades";
import { chartDrill, clearanceHoles, type ChartDrill, type ClearanceHoles } from "../../mend/holes";
import {
  boltLoads,
  shearLoads,
  stressArea,
  torqueRange,
  type BoltLoads,
  type ShearLoads,
  type TorqueRange,
} from "../joints";
import { headShare, headSize, type MadeTo } from "../../catalogue/heads";
import { usualDrive, type Drive, type HeadSize, type HeadStyle } from "../../catalogue/looks";
import {
  cautionsFor,
  companionsOf,
  countedGrade,
  neverUse,
  specProblems,
  substitutesFor,
  takesCompanions,
  type Caution,
  type Companions,
  type CountedGrade,
  type NeverUse,
  type SpecProblem,
  type Substitute,
} from "../replace";
import { studSheet, weakerEnd, type StudSheet } from "./stud-sheet";

/** How strong the part is, in the class counted on. */
export interface SheetStrength {
  readonly grade: Grade;
  /** The class was not said: that of its standard, or the weakest of the system, is counted on. */
  readonly by: CountedGrade["by"];
  /** What its head carries of the class's load: 1, or less where it breaks before the thread does. */
  readonly headShare: number;
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
  /** The two ends of a stud, where they are known one by one. */
  readonly stud: StudSheet | undefined;
  readonly tool: TurningTool;
  readonly recess: HeadRecess | undefined;
  /** Absent where the class is not made in this size, or the thread holds no bolts. */
  readonly strength: SheetStrength | undefined;
  readonly torque: TorqueRange | undefined;
  readonly drill: ChartDrill;
  readonly clearance: ClearanceHoles | undefined;
  /** None of a set screw, which is pressed by its end. */
  readonly companions: Companions | undefined;
  /** The standard that it is made to, where its sizes are other than today's. */
  readonly madeTo: MadeTo | undefined;
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
function usualSurface({ finish }: ScrewSpec): TighteningSurface {
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

/** Loads of a class, as far as the head carries them. */
function carried(loads: BoltLoads, share: number): BoltLoads {
  const { proofN, yieldN, tensileN } = loads;
  return {
    ...loads,
    tensileN: share * tensileN,
    ...(proofN === undefined ? {} : { proofN: share * proofN }),
    ...(yieldN === undefined ? {} : { yieldN: share * yieldN }),
  };
}

/** The nearest classes of other standards; none of a structural bolt, for which nothing of another standard stands. */
function equivalentsOf(grade: Grade, spec: ScrewSpec): readonly GradeComparison[] {
  if (isStructuralScrew(spec)) return [];
  const others = GRADES.filter(
    (other) =>
      other.system !== grade.system &&
      (other.system === "metric" || other.system === "inch") &&
      isStocked(other),
  );
  return distinct(nearestGrades(grade, spec.thread, others)).slice(0, MOST_EQUIVALENTS);
}

function strengthOf(spec: ScrewSpec, share: number): SheetStrength | undefined {
  const { thread } = spec;
  const counted = countedGrade(spec);
  const loads = counted === undefined ? undefined : boltLoads(thread, counted.grade);
  if (counted === undefined || loads === undefined) return undefined;
  const { grade, by } = counted;
  return {
    grade,
    by,
    headShare: share,
    loads: carried(loads, share),
    shearThroughThreads: shearLoads(thread, grade, "through-threads"),
    shearThroughShank: shearLoads(thread, grade, "through-shank"),
    equivalents: grade.system === "non-ferrous" ? [] : equivalentsOf(grade, spec),
  };
}

/** The torque at the nut's end, held back to what the head or a weaker end carries. */
function torqueOf(
  spec: ScrewSpec,
  { grade, headShare }: SheetStrength,
  surface: TighteningSurface,
): TorqueRange | undefined {
  const { thread } = nutEnd(spec);
  const range = torqueRange(thread, grade, surface);
  const share = headShare * Math.min(1, stressArea(weakerEnd(spec).thread) / stressArea(thread));
  if (range === undefined || share === 1) return range;
  const { leastNm, mostNm, preloadN } = range;
  return {
    ...range,
    leastNm: share * leastNm,
    mostNm: share * mostNm,
    preloadN: share * preloadN,
  };
}

/** Works out the whole sheet of a screw: pure, the same for the screen, the print and the PDF. */
export function fastenerSheet(spec: ScrewSpec, options: SheetOptions = {}): FastenerSheet {
  const { circumstances = USUAL_CIRCUMSTANCES } = options;
  const surface = circumstances.surface ?? usualSurface(spec);
  const { thread, lengthMm } = spec;
  const head = headOf(spec);
  const drive = spec.drive ?? usualDrive(head);
  const madeTo = madeToOf(spec);
  const strength = strengthOf(atEnd(spec, weakerEnd(spec)), headShare(head, drive));
  const nutted = atEnd(spec, nutEnd(spec));
  const split =
    lengthMm === undefined ? undefined : threadLength(head, thread, lengthMm, drive, madeTo);
  const goesWith = takesCompanions(spec);
  return {
    spec,
    circumstances,
    head,
    drive,
    headSize: headSize(head, drive, thread, madeTo),
    threadLength:
      split === undefined || spec.fullThread !== true || lengthMm === undefined
        ? split
        : { threadMm: lengthMm, plainMm: 0 },
    stud: studSheet(spec),
    tool: turningTool(head, drive, thread, madeTo),
    recess: headRecess(head, drive, thread),
    strength,
    torque: strength === undefined ? undefined : torqueOf(spec, strength, surface),
    drill: chartDrill(holeEnd(spec).thread),
    clearance: goesWith ? clearanceHoles(nutted.thread) : undefined,
    companions: goesWith ? companionsOf(nutted, circumstances) : undefined,
    madeTo,
    substitutes: substitutesFor(spec, circumstances),
    never: neverUse(spec, circumstances),
    cautions: cautionsFor(spec, circumstances),
    problems: specProblems(spec),
  };
}
