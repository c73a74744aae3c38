import { lookUpThreadAlone, readLength, type Thread, type Units } from "@root-gauge/core";
import { designationProblemWords, whichThreadWords } from "@root-gauge/core/chart-words";
import { ACCEPTED_FIGURES, type AskedFigure } from "@root-gauge/core/holes";
import type { Damage, DamagedPart, Symptom } from "@root-gauge/core/repair";
import { mendUnits, type MendState } from "../data/mend-state";

/** Of the threads that a text may mean, how many are named. */
const MOST_NAMED = 4;

/** What the thread field was read as. */
export interface NamedThread {
  readonly thread?: Thread;
  readonly problem?: string;
}

export function namedThread(text: string): NamedThread {
  if (text.trim() === "") return {};
  const read = lookUpThreadAlone(text);
  if (read.kind === "found") return { thread: read.thread };
  if (read.kind === "choices") return { problem: whichThreadWords(text, read.threads, MOST_NAMED) };
  return { problem: designationProblemWords(read.problem) };
}

/** The range of a length of a hole, as its field accepts it. */
export function lengthRange(figure: AskedFigure) {
  const { least, most } = ACCEPTED_FIGURES[figure];
  return { minMm: least, maxMm: most };
}

function lengthOf(text: string, figure: AskedFigure, units: Units): number | undefined {
  const read = readLength(text, units, lengthRange(figure));
  return read.ok ? read.mm : undefined;
}

/** A bruised thread is the screw's; everything else is the hole's. */
export function partOf(symptom: Symptom): DamagedPart {
  return symptom === "bruised" ? "screw" : "hole";
}

/** A length where it was typed and can be taken. */
const given = <Name extends string>(name: Name, mm: number | undefined) =>
  (mm === undefined ? {} : { [name]: mm }) as { readonly [key in Name]?: number };

/** The damage as far as it was said; undefined while its thread or its depth is missing. */
export function damageOf(state: MendState, screenUnits: Units): Damage | undefined {
  const { symptom, material, hole, grade, duty, acknowledged, access, medium, often } = state;
  const { thread } = namedThread(state.thread);
  const units = mendUnits(state, screenUnits);
  const depthMm = lengthOf(state.depth, "depth", units);
  if (symptom === undefined || thread === undefined) return undefined;
  const part = partOf(symptom);
  if (depthMm === undefined && part === "hole" && symptom !== "leaks") return undefined;
  return {
    symptom,
    part,
    thread,
    material,
    hole,
    depthMm: depthMm ?? thread.majorMm,
    duty,
    acknowledged,
    access,
    often,
    behind: state.behind,
    ...(symptom === "leaks" ? { medium } : {}),
    ...given("edgeMm", lengthOf(state.edge, "edge", units)),
    ...given("boreMm", lengthOf(state.bore, "bore", units)),
    ...given("engagementMm", lengthOf(state.engaged, "engagement", units)),
    ...(grade === "" ? {} : { gradeId: grade }),
  };
}
