import {
  headOf,
  holeEnd,
  madeToOf,
  nutEnd,
  studEndsOf,
  type ScrewSpec,
  type StudEnd,
} from "../../callout";
import { studLengths } from "../../catalogue/fasteners";
import { chartDrill, type ChartDrill } from "../../mend/holes";
import { stressArea } from "../joints";
import type { MadeTo } from "../../catalogue/heads";
import type { Mm } from "../../measure";

/** An end of a stud, as its sheet has it. */
export interface StudEndSheet extends StudEnd {
  /** The standard that its thread's length is by, where that was not said. */
  readonly standard?: MadeTo;
  /** The drill of the hole that it goes in; absent of an end for a nut. */
  readonly drill?: ChartDrill;
}

/** The two ends of a stud, where they are known one by one. */
export interface StudSheet {
  readonly ends: readonly StudEndSheet[];
  /** From end to end, where that is more than the length it is ordered by. */
  readonly overallMm: Mm | undefined;
  /** The end that nut, washer and torque are counted at, and the one that breaks first. */
  readonly nutEnd: StudEnd;
  readonly weakerEnd: StudEnd;
}

/** The end of a screw that breaks first: of a stud with two threads the one with less stress area. */
export function weakerEnd(spec: ScrewSpec): StudEnd {
  return studEndsOf(spec).reduce((weaker, end) =>
    stressArea(end.thread) < stressArea(weaker.thread) ? end : weaker,
  );
}

const withDrill = (end: StudEndSheet): StudEndSheet =>
  end.goes === "under-nut" ? end : { ...end, drill: chartDrill(end.thread) };

/** The ends by the stud's standard, which tells how far each is threaded. */
function byStandard(
  spec: ScrewSpec,
  lengthMm: Mm,
): Pick<StudSheet, "ends" | "overallMm"> | undefined {
  const madeTo = madeToOf(spec);
  const { thread } = holeEnd(spec);
  const lengths = studLengths(thread, lengthMm, madeTo);
  if (lengths === undefined || madeTo === undefined) return undefined;
  return {
    ends: [
      { ...nutEnd(spec), threadMm: lengths.underNutMm, goes: "under-nut", standard: madeTo },
      { ...holeEnd(spec), threadMm: lengths.inHoleMm, goes: "in-hole", standard: madeTo },
    ],
    overallMm: lengths.overallMm,
  };
}

/** The ends of a stud one by one; undefined of any other screw, and of a stud that says nothing of them. */
export function studSheet(spec: ScrewSpec): StudSheet | undefined {
  if (headOf(spec) !== "stud") return undefined;
  const { lengthMm, otherEnd } = spec;
  const standard = lengthMm === undefined ? undefined : byStandard(spec, lengthMm);
  if (standard === undefined && otherEnd === undefined) return undefined;
  const { ends, overallMm } = standard ?? {
    ends: studEndsOf(spec),
    overallMm: undefined,
  };
  return {
    ends: ends.map(withDrill),
    overallMm,
    nutEnd: nutEnd(spec),
    weakerEnd: weakerEnd(spec),
  };
}
