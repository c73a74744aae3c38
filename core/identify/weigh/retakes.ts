import type { Thread } from "../../catalogue/threads";
import { evidenceFor } from "./evidence-table";
import type { Identification } from "./identification";
import type { ConditionTest, RetakeTest } from "./next-test";
import { CONDITION_KEY, againKey, type TestOptions } from "./next-tests";
import { isSized, type PartCondition, type Reading, type SizedReading } from "./reading";
import type { Reason, ReasonFigures } from "./reason";
import type { Suspect } from "./suspects";

/** What adds to a part, and what takes from it, the likeliest first. */
const ADDS: readonly PartCondition[] = ["plated", "galvanised", "painted", "rusted"];
const TAKES: readonly PartCondition[] = ["worn", "rusted", "cheap"];

function candidatesFor({ code }: ReasonFigures): readonly PartCondition[] {
  if (code === "diameter-over" || code === "bore-under") return ADDS;
  return code === "diameter-under" || code === "bore-over" ? TAKES : [...ADDS, ...TAKES];
}

/** The conditions under which this size would agree with the thread. */
function accountingFor(
  reading: SizedReading,
  thread: Thread,
  reason: Reason,
): readonly PartCondition[] {
  return candidatesFor(reason).filter((condition) => {
    const judged = { ...reading, condition };
    return evidenceFor(judged).reason(judged, thread).agreement === "agrees";
  });
}

/**
 * What has happened to the part, where a size speaks against a thread that is likelier than none at all, and nobody has said: a coat or wear may
 * account for it. Asked once; a look at the part is quicker than a second measure.
 * @param readings with what a finish has said of them
 */
export function conditionTests(
  readings: readonly Reading[],
  { candidates: [leading], unknown }: Pick<Identification, "candidates" | "unknown">,
  { skip = [] }: TestOptions,
): ConditionTest[] {
  if (leading === undefined || leading.probability <= unknown) return [];
  if (skip.includes(CONDITION_KEY)) return [];
  return leading.reasons
    .flatMap((reason): ConditionTest[] => {
      const at = reason.reading ?? -1;
      const reading = readings[at];
      if (reason.agreement !== "at-odds" || reading === undefined || !isSized(reading)) return [];
      if (reading.condition !== undefined) return [];
      const conditions = accountingFor(reading, leading.thread, reason);
      return conditions.length === 0 ? [] : [{ kind: "condition", at, reading, conditions }];
    })
    .slice(0, 1);
}

/** The first suspect once more that was not taken again already. */
export function retakes(
  given: readonly Reading[],
  suspects: readonly Suspect[],
  { skip = [] }: TestOptions,
): RetakeTest[] {
  return suspects
    .flatMap(({ reading: at, reason }): RetakeTest[] => {
      const reading = given[at];
      if (reading === undefined || reason.agreement !== "at-odds") return [];
      return skip.includes(againKey(reading)) ? [] : [{ kind: "again", at, reading }];
    })
    .slice(0, 1);
}
