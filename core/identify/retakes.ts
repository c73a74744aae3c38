import type { Thread } from "../threads";
import { evidenceFor } from "./evidence-table";
import type { Candidate } from "./identification";
import type { ConditionTest, RetakeTest, SizedReading } from "./next-test";
import { AGAIN_KEY, CONDITION_KEY, type TestOptions } from "./next-tests";
import type { PartCondition, Reading } from "./reading";
import type { Reason, ReasonFigures } from "./reason";
import type { Suspect } from "./suspects";

/** What adds to a part, and what takes from it, the likeliest first. */
const ADDS: readonly PartCondition[] = ["plated", "galvanised", "painted", "rusted"];
const TAKES: readonly PartCondition[] = ["worn", "rusted", "cheap"];

function isSized(reading: Reading): reading is SizedReading {
  return (
    reading.kind === "external-diameter" ||
    reading.kind === "diameter-between" ||
    reading.kind === "internal-diameter"
  );
}

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
 * What has happened to the part, where a size speaks against the likeliest thread and nobody has said: a coat or wear may
 * account for it. Asked once; a look at the part is quicker than a second measure.
 * @param readings with what a finish has said of them
 */
export function conditionTests(
  readings: readonly Reading[],
  [leading]: readonly Candidate[],
  { skip = [] }: TestOptions,
): ConditionTest[] {
  if (leading === undefined || skip.includes(CONDITION_KEY)) return [];
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

/** The suspect reading once more, unless one was taken again already. */
export function retakes(
  given: readonly Reading[],
  [suspect]: readonly Suspect[],
  { skip = [] }: TestOptions,
): RetakeTest[] {
  const atOdds = suspect?.reason.agreement === "at-odds";
  const reading = suspect === undefined || !atOdds ? undefined : given[suspect.reading];
  if (suspect === undefined || reading === undefined || skip.includes(AGAIN_KEY)) return [];
  return [{ kind: "again", at: suspect.reading, reading }];
}
