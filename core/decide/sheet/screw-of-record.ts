import { isCalloutProblem, parseScrew, type ScrewSpec, type StudEnd } from "../../callout";
import { weakestGrade } from "../../catalogue/grades";
import {
  foundAtOtherEnd,
  lastReading,
  unknownStanding,
  type IdentificationSummary,
  type IdentifyOptions,
  type Reading,
} from "../../identify/weigh";
import { replacementProblems, type SpecProblem } from "../replace";
import { threadById, type Thread } from "../../catalogue/threads";
import { specFromReadings } from "./spec-from-readings";

/** A stored part, as far as it says which screw goes in. */
export interface PartRecord {
  readonly result: IdentificationSummary;
  readonly readings: readonly Reading[];
  /** What the part was said to be. */
  readonly options?: Pick<IdentifyOptions, "part">;
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
function settledScrewThread(result: IdentificationSummary): Thread | undefined {
  const thread = favouredThread(result);
  if (thread === undefined || result.verdict !== "settled") return undefined;
  if (result.side === "internal") return undefined;
  return weakestGrade(thread) === undefined ? undefined : thread;
}

/** The other end of a stud as it was read; undefined where it was not, or is not settled. */
function otherEndRead(readings: readonly Reading[]): StudEnd | undefined {
  const end = lastReading(readings, "other-end");
  const thread = end && settledScrewThread(foundAtOtherEnd(end));
  if (end === undefined || thread === undefined) return undefined;
  const threadMm = lastReading(end.readings, "thread-length")?.mm;
  return { thread, ...(threadMm === undefined ? {} : { threadMm }) };
}

/** The screw that came out, as it was read; undefined for what is no settled screw. */
export function screwThatCameOut({
  result,
  readings,
  options,
}: Pick<PartRecord, "result" | "readings" | "options">): ScrewSpec | undefined {
  const thread = settledScrewThread(result);
  if (thread === undefined) return undefined;
  const isStud = options?.part === "stud" || lastReading(readings, "other-end") !== undefined;
  if (!isStud) return specFromReadings(thread, readings);
  const otherEnd = otherEndRead(readings);
  const threadMm = lastReading(readings, "thread-length")?.mm;
  return {
    ...specFromReadings(thread, [...readings, { kind: "head-style", head: "stud" }]),
    ...(otherEnd === undefined
      ? {}
      : { otherEnd, ...(threadMm === undefined ? {} : { threadMm }) }),
  };
}

/** The screw that goes in: as it was said, or else as the readings have it. */
export function screwThatGoesIn(record: PartRecord): ScrewSpec | undefined {
  const said = record.replacement === null ? undefined : parseScrew(record.replacement.callout);
  if (said !== undefined && !isCalloutProblem(said)) return said;
  return screwThatCameOut(record);
}

/** Where a call-out falls short of the screw that came out there. */
export function shortcomings(
  record: Pick<PartRecord, "result" | "readings" | "options">,
  callout: string,
): readonly SpecProblem[] {
  const original = screwThatCameOut(record);
  const spec = parseScrew(callout);
  if (original === undefined || isCalloutProblem(spec)) return [];
  return replacementProblems(original, spec);
}
