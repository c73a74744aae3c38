import {
  atEnd,
  headOf,
  isStructuralScrew,
  madeToOf,
  nutEnd,
  studEndsOf,
  type NutSpec,
  type ScrewSpec,
  type WasherSpec,
} from "../../callout";
import {
  stockLengths,
  stockMatch,
  studLengths,
  turningTool,
  type TurningTool,
} from "../../catalogue/fasteners";
import {
  bandAt,
  compareGrades,
  gradeById,
  gradeSystemOf,
  gradesFor,
  isAsHard,
  nearestGrades,
  nutClassById,
  nutHolds,
  stockedGrades,
  type Grade,
  type HardnessClass,
  type NutClass,
} from "../../catalogue/grades";
import { headShare, type MadeTo } from "../../catalogue/heads";
import { usualDrive, type Finish, type HeadStyle } from "../../catalogue/looks";
import { judgePair, type JudgedPair } from "../../identify/mating";
import type { Thread } from "../../catalogue/threads";
import type { Mm } from "../../measure";
import { neverGalvanised } from "./cautions";
import { isAgainstMetal } from "./counted-grade";
import { rightNut } from "./right-nut";

/** What is wrong with a part as it is asked for, with what would be right. `words` makes the sentence. */
export type SpecProblem =
  | {
      readonly code: "grade-not-in-size";
      readonly grade: Grade;
      readonly thread: Thread;
      readonly made: readonly Grade[];
    }
  | {
      readonly code: "grade-of-other-system";
      readonly grade: Grade;
      readonly thread: Thread;
      readonly nearest: Grade | undefined;
    }
  /** "Brass 10.9": no such class is made of that metal. */
  | { readonly code: "grade-against-metal"; readonly grade: Grade; readonly finish: Finish }
  /** 12.9, A490 and the like: hot-dip galvanising breaks them. */
  | { readonly code: "never-galvanised"; readonly grade: Grade }
  /** A bolt of another standard in the place of a structural one. */
  | { readonly code: "not-structural"; readonly madeTo: MadeTo }
  /** A head that breaks before the thread does, in the place of one that does not. */
  | {
      readonly code: "weaker-head";
      readonly original: HeadStyle;
      readonly head: HeadStyle;
      readonly share: number;
    }
  /** A stud whose ends are threaded further together than it is long. */
  | {
      readonly code: "ends-too-long";
      readonly thread: Thread;
      readonly endsMm: Mm;
      readonly lengthMm: Mm;
    }
  | {
      readonly code: "length-not-stocked";
      readonly lengthMm: Mm;
      readonly thread: Thread;
      readonly shorter: Mm | undefined;
      readonly longer: Mm | undefined;
    }
  | { readonly code: "nut-of-other-thread"; readonly pair: JudgedPair }
  | {
      readonly code: "nut-weaker";
      readonly grade: Grade;
      readonly nutClass: NutClass;
      readonly right: NutClass | undefined;
    }
  | { readonly code: "not-the-thread"; readonly original: Thread; readonly thread: Thread }
  | { readonly code: "weaker-than-original"; readonly original: Grade; readonly grade: Grade }
  /** A set screw of a lower hardness class, or of none that was said. */
  | {
      readonly code: "softer-than-original";
      readonly original: HardnessClass;
      readonly hardness: HardnessClass | undefined;
    }
  | {
      readonly code: "shorter-than-original";
      readonly originalMm: Mm;
      readonly lengthMm: Mm;
      readonly thread: Thread;
    }
  /** It does not go over the screw, or its hole is a size or more too wide for it. */
  | {
      readonly code: "washer-of-other-size";
      readonly thread: Thread;
      readonly washer: Thread;
      readonly fits: "small" | "wide";
    }
  | { readonly code: "galvanised-with-plain-nut" }
  | { readonly code: "plain-with-galvanised-nut" };

/** Systems whose classes are made in every thread. */
const OF_ANY_THREAD: ReadonlySet<Grade["system"]> = new Set(["stainless", "non-ferrous"]);

function ofGrade({ gradeId, thread, finish }: ScrewSpec): SpecProblem[] {
  const grade = gradeId === undefined ? undefined : gradeById(gradeId);
  if (grade === undefined) return [];
  const own = gradeSystemOf(thread);
  if (finish !== undefined && isAgainstMetal(grade, finish)) {
    return [{ code: "grade-against-metal", grade, finish }];
  }
  if (finish === "galvanised" && neverGalvanised(grade, thread.majorMm)) {
    return [{ code: "never-galvanised", grade }];
  }
  if (grade.system !== own && !OF_ANY_THREAD.has(grade.system)) {
    const stocked = stockedGrades(thread).filter(({ system }) => system === own);
    const nearest = nearestGrades(grade, thread, stocked).find(({ atLeast }) => atLeast)?.grade;
    return [{ code: "grade-of-other-system", grade, thread, nearest }];
  }
  const made = gradesFor(thread);
  if (bandAt(grade, thread.majorMm) !== undefined) return [];
  return [{ code: "grade-not-in-size", grade, thread, made }];
}

/** Threads that run into each other by less than this were only measured so. */
const RUN_TOGETHER_MM = 0.5;

function ofEnds({ lengthMm, thread, threadMm = 0, otherEnd }: ScrewSpec): SpecProblem[] {
  const endsMm = threadMm + (otherEnd?.threadMm ?? 0);
  if (lengthMm === undefined || endsMm <= lengthMm + RUN_TOGETHER_MM) return [];
  return [{ code: "ends-too-long", thread, endsMm, lengthMm }];
}

function ofLength(spec: ScrewSpec): SpecProblem[] {
  const { lengthMm, thread } = spec;
  if (lengthMm === undefined || gradeSystemOf(thread) === undefined) return [];
  const head = headOf(spec);
  const stocked = stockLengths(head, thread).some((one) => Math.abs(one - lengthMm) < 0.01);
  if (stocked) return [];
  const match = stockMatch(head, thread, lengthMm);
  return [
    {
      code: "length-not-stocked",
      lengthMm,
      thread,
      shorter: match?.shorter,
      longer: match?.longer,
    },
  ];
}

/** Whether a nut holds what the bolt does; on a structural bolt no less than its own standard asks for. */
function holds(nut: NutClass, grade: Grade, bolt: ScrewSpec, right: NutClass | undefined): boolean {
  if (!nutHolds(nut, grade, bolt.thread)) return false;
  return (
    !isStructuralScrew(bolt) || right === undefined || nut.boltTensileMpa >= right.boltTensileMpa
  );
}

/** The bolt as the nut finds it: of a stud the end that is said to take it, else the end that it goes on. */
function underNut(bolt: ScrewSpec, nut: NutSpec): ScrewSpec {
  const own = nutEnd(bolt);
  if (own.goes === "under-nut") return atEnd(bolt, own);
  const ends = [own, ...studEndsOf(bolt).filter(({ goes }) => goes !== "in-hole")];
  return atEnd(bolt, ends.find(({ thread }) => judgePair(thread, nut.thread).sound) ?? own);
}

/** Whether a nut may go on a bolt at all, and holds what the bolt does. */
export function pairProblems(screw: ScrewSpec, nut: NutSpec): readonly SpecProblem[] {
  const bolt = underNut(screw, nut);
  const pair = judgePair(bolt.thread, nut.thread);
  if (!pair.sound) return [{ code: "nut-of-other-thread", pair }];
  const grade = bolt.gradeId === undefined ? undefined : gradeById(bolt.gradeId);
  const nutClass = nut.nutClassId === undefined ? undefined : nutClassById(nut.nutClassId);
  const problems: SpecProblem[] = [];
  const right = rightNut(bolt);
  if (grade !== undefined && nutClass !== undefined && !holds(nutClass, grade, bolt, right)) {
    problems.push({ code: "nut-weaker", grade, nutClass, right });
  }
  if (bolt.finish === "galvanised" && nut.finish !== "galvanised") {
    problems.push({ code: "galvanised-with-plain-nut" });
  }
  if (nut.finish === "galvanised" && bolt.finish !== "galvanised") {
    problems.push({ code: "plain-with-galvanised-nut" });
  }
  return problems;
}

/** A washer goes by the nominal size that it is for: from a tenth over the screw's on its hole is another size's. */
const WIDE = 1.1;
/** Within so much two systems' washers are one: of M5 and #10. */
const SAME_SIZE_MM = 0.2;

function washerProblems(screw: ScrewSpec, washer: WasherSpec): readonly SpecProblem[] {
  const { thread } = nutEnd(screw);
  const [own, over] = [thread.majorMm, washer.thread.majorMm];
  const isSmall = over < own - SAME_SIZE_MM;
  if (!isSmall && over <= own * WIDE + SAME_SIZE_MM) return [];
  const fits = isSmall ? "small" : "wide";
  return [{ code: "washer-of-other-size", thread, washer: washer.thread, fits }];
}

/** Everything wrong with a screw as it is asked for; none when it can be bought as it stands. */
export function specProblems(spec: ScrewSpec): readonly SpecProblem[] {
  return [
    ...ofGrade(spec),
    ...ofLength(spec),
    ...ofEnds(spec),
    ...(spec.nut === undefined ? [] : pairProblems(spec, spec.nut)),
    ...(spec.washers ?? []).flatMap((washer) => washerProblems(spec, washer)),
  ];
}

/** A structural bolt gives way to none of another standard, nor a sound head to one that breaks before its thread. */
function ofStandardAndHead(original: ScrewSpec, spec: ScrewSpec): readonly SpecProblem[] {
  const madeTo = madeToOf(original);
  const other = isStructuralScrew(original) && madeToOf(spec) !== madeTo;
  const share = (one: ScrewSpec) => headShare(headOf(one), one.drive ?? usualDrive(headOf(one)));
  const weaker = share(spec) < share(original);
  return [
    ...(other && madeTo !== undefined ? [{ code: "not-structural", madeTo } as const] : []),
    ...(weaker
      ? [
          {
            code: "weaker-head",
            original: headOf(original),
            head: headOf(spec),
            share: share(spec),
          } as const,
        ]
      : []),
  ];
}

/** The length that is held against another's: of a stud by its standard from end to end. */
function wholeLength(spec: ScrewSpec): Mm | undefined {
  const { lengthMm, thread } = spec;
  return lengthMm === undefined
    ? undefined
    : (studLengths(thread, lengthMm, madeToOf(spec))?.overallMm ?? lengthMm);
}

/** A length this much under the original is the same one, measured or made a little short. */
const SAME_LENGTH_MM = 1;

const isSameThread = (one: Thread, other: Thread) => one.id === other.id && one.hand === other.hand;

/** Where the threads of a screw are not those of the one it goes in for, whichever end of a stud was said first. */
function otherThread(original: ScrewSpec, spec: ScrewSpec): readonly SpecProblem[] {
  const left = studEndsOf(spec).map(({ thread }) => thread);
  for (const { thread: wanted } of studEndsOf(original)) {
    const at = left.findIndex((thread) => isSameThread(thread, wanted));
    const thread = left[at] ?? left[0] ?? spec.thread;
    if (at < 0) return [{ code: "not-the-thread", original: wanted, thread }];
    left.splice(at, 1);
  }
  const over = left.find((thread) => !isSameThread(thread, original.thread));
  // Of a stud that was read at one end alone, nobody knows the other.
  const mayBeOther = original.head === undefined || original.head === "stud";
  return over === undefined || mayBeOther
    ? []
    : [{ code: "not-the-thread", original: original.thread, thread: over }];
}

/** Where a screw falls short of the one it goes in for: another thread, a weaker class, a lesser length. */
export function replacementProblems(original: ScrewSpec, spec: ScrewSpec): readonly SpecProblem[] {
  const { thread } = spec;
  const another = otherThread(original, spec);
  if (another.length > 0) return another;
  const problems: SpecProblem[] = [];
  const [was, is] = [original, spec].map(({ gradeId }) =>
    gradeId === undefined ? undefined : gradeById(gradeId),
  );
  if (was !== undefined && is !== undefined) {
    const compared = compareGrades(is, was, thread);
    if (is.id !== was.id && compared?.atLeast !== true) {
      problems.push({ code: "weaker-than-original", original: was, grade: is });
    }
  }
  problems.push(...ofStandardAndHead(original, spec));
  const { hardnessClass: hardness } = spec;
  const { hardnessClass: wasHard } = original;
  if (wasHard !== undefined && (hardness === undefined || !isAsHard(hardness, wasHard))) {
    problems.push({ code: "softer-than-original", original: wasHard, hardness });
  }
  const originalMm = wholeLength(original);
  const lengthMm = wholeLength(spec);
  const sameHead = headOf(original) === headOf(spec);
  if (
    sameHead &&
    originalMm !== undefined &&
    lengthMm !== undefined &&
    lengthMm < originalMm - SAME_LENGTH_MM
  ) {
    problems.push({ code: "shorter-than-original", originalMm, lengthMm, thread });
  }
  return problems;
}

/** A spanner or key held against the head it should turn. */
export interface SpannerFit {
  readonly tool: TurningTool;
  readonly triedMm: Mm;
  readonly fit: "fits" | "will-not-go" | "loose" | "not-a-spanner-head";
}

/** Play over which a spanner rounds the corners: under two hundredths of the size, ISO 691 allows less. */
const LOOSE_SHARE = 0.02;
const LOOSE_LEAST_MM = 0.2;
const SMALLER_MM = 0.05;

/** Whether a spanner or key of this size turns the screw. */
export function spannerFit(spec: ScrewSpec, triedMm: Mm): SpannerFit {
  const head = headOf(spec);
  const tool = turningTool(head, spec.drive ?? usualDrive(head), spec.thread, madeToOf(spec));
  const { acrossFlatsMm } = tool;
  if (acrossFlatsMm === undefined) return { tool, triedMm, fit: "not-a-spanner-head" };
  const over = tool.kind === "key" ? acrossFlatsMm - triedMm : triedMm - acrossFlatsMm;
  const loose = Math.max(LOOSE_LEAST_MM, LOOSE_SHARE * acrossFlatsMm);
  if (over < -SMALLER_MM) return { tool, triedMm, fit: "will-not-go" };
  return { tool, triedMm, fit: over > loose ? "loose" : "fits" };
}
