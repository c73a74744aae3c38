import {
  isCalloutProblem,
  parseCallout,
  studEndsOf,
  type FastenerSpec,
  type NutSpec,
  type OwnWord,
  type ScrewSpec,
} from "../../callout";
import { pairProblems, specProblems, type SpecProblem } from "../replace";

/** A line as it is judged: its call-out, and the places that its parts go to. */
export interface JudgedLine {
  readonly callout: string;
  readonly positions: readonly string[];
}

const isScrew = (spec: FastenerSpec | undefined): spec is ScrewSpec => spec?.part === "screw";

/** The bolts that a nut goes on: those of its places that have its thread, else all of its places. */
function boltsFor(nut: NutSpec, bolts: readonly ScrewSpec[]): readonly ScrewSpec[] {
  const own = bolts.filter((bolt) =>
    studEndsOf(bolt).some(({ thread }) => thread.id === nut.thread.id),
  );
  return own.length > 0 ? own : bolts;
}

/**
 * What is wrong with the lines of an order, line by line: a screw as it is asked for, and every nut against the screws of
 * the places that it goes to. The one judgement of a list, a kept order, its table and its paper.
 * @param words the shop's own words of call-outs
 */
export function lineProblems(
  lines: readonly JudgedLine[],
  words: readonly OwnWord[] = [],
): readonly (readonly SpecProblem[])[] {
  const specs = lines.map(({ callout }) => {
    const read = parseCallout(callout, words);
    return isCalloutProblem(read) ? undefined : read;
  });
  return lines.map(({ positions }, at) => {
    const spec = specs[at];
    if (isScrew(spec)) return specProblems(spec);
    if (spec?.part !== "nut") return [];
    const places = new Set(positions);
    const bolts = specs.filter(
      (one, i): one is ScrewSpec =>
        isScrew(one) && (lines[i]?.positions.some((id) => places.has(id)) ?? false),
    );
    const found = boltsFor(spec, bolts).flatMap((bolt) => pairProblems(bolt, spec));
    return found.filter(({ code }, i) => found.findIndex((problem) => problem.code === code) === i);
  });
}
