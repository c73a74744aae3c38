import { isCalloutProblem, parseScrew, type ScrewSpec } from "../callout";
import { weakestGrade } from "../grades";
import { unknownStanding, type IdentificationSummary, type Reading } from "../identify";
import { replacementProblems, type SpecProblem } from "../replace";
import { threadById, type Thread } from "../threads";
import { specFromReadings } from "./spec-from-readings";

/** A stored part, as far as it says which screw goes in. */
export interface PartRecord {
  readonly result: IdentificationSummary;
  readonly readings: readonly Reading[];
  /** What goes in, as it was said; null while nobody has. */
  readonly replacement: { readonly callout: string } | null;
}

/** The thread that the readings favour, of the hand that was read; none while they contradict each other or name none. */
export function favouredThread(result: IdentificationSummary): Thread | undefined {
  const [best] = result.candidates;
  if (best === undefined || result.verdict === "contradictory") return undefined;
  if (unknownStanding(result.unknown) === "leads") return undefined;
  const held = threadById(best.threadId);
  return held && { ...held, hand: result.hand ?? "right" };
}

/** The thread of a settled screw, bolt or stud: what a fastener sheet can be made of. */
export function settledScrewThread(result: IdentificationSummary): Thread | undefined {
  const thread = favouredThread(result);
  if (thread === undefined || result.verdict !== "settled") return undefined;
  if (result.side === "internal") return undefined;
  return weakestGrade(thread) === undefined ? undefined : thread;
}

/** The screw that came out, as it was read; undefined for what is no settled screw. */
export function screwThatCameOut({
  result,
  readings,
}: Pick<PartRecord, "result" | "readings">): ScrewSpec | undefined {
  const thread = settledScrewThread(result);
  return thread === undefined ? undefined : specFromReadings(thread, readings);
}

/** The screw that goes in: as it was said, or else as the readings have it. */
export function screwThatGoesIn(record: PartRecord): ScrewSpec | undefined {
  const said = record.replacement === null ? undefined : parseScrew(record.replacement.callout);
  if (said !== undefined && !isCalloutProblem(said)) return said;
  return screwThatCameOut(record);
}

/** Where a call-out falls short of the screw that came out there. */
export function shortcomings(
  record: Pick<PartRecord, "result" | "readings">,
  callout: string,
): readonly SpecProblem[] {
  const original = screwThatCameOut(record);
  const spec = parseScrew(callout);
  if (original === undefined || isCalloutProblem(spec)) return [];
  return replacementProblems(original, spec);
}
