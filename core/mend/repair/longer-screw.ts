import { stockLengths } from "../../catalogue/fasteners";
import { WORK_MATERIALS, stripLoadN } from "../holes";
import { leastEngagement } from "../../decide/joints";
import type { Mm } from "../../measure";
import { firstOf, type Attempt, type ScrewLength } from "./attempt-parts";
import { boss, engagementOf, fullDepthMm, type Damage } from "./damage";
import type { RepairRefusal } from "./refusal";
import { countedClass } from "./wanted-load";

/** Sound thread below the tear: what somebody found; none under a bore torn wider than the thread, or an insert's; else what the old screw did not reach. */
function soundBelowMm(damage: Damage): { readonly belowMm: Mm; readonly torn: boolean } {
  const { soundBelowMm: found, boreMm, thread, symptom } = damage;
  const deeper = Math.max(0, fullDepthMm(damage) - engagementOf(damage));
  if (found !== undefined) return { belowMm: Math.min(found, fullDepthMm(damage)), torn: false };
  const torn = symptom === "insert-out" || (boreMm !== undefined && boreMm > thread.majorMm + 1e-9);
  return { belowMm: torn ? 0 : deeper, torn };
}

/** What of sound thread the screw needs in this metal, by its class. */
function leastBelowMm(damage: Damage): Mm {
  const { thread, material } = damage;
  const { countsAs } = WORK_MATERIALS[material];
  const grade = countedClass(damage)?.grade;
  const least = grade === undefined ? undefined : leastEngagement(thread, grade, countsAs);
  return least?.adviceMm ?? 1.5 * thread.majorMm;
}

/** The lengths that reach far enough into the sound thread, and the shortest stocked one of them. */
function lengthOf(damage: Damage, belowMm: Mm, neededMm: Mm): ScrewLength {
  const { screwLengthMm, thread } = damage;
  const from = screwLengthMm ?? 0;
  const leastMm = from + neededMm;
  const mostMm = from + belowMm;
  const stockMm =
    screwLengthMm === undefined
      ? undefined
      : stockLengths("hex", thread).find((mm) => mm >= leastMm - 1e-6 && mm <= mostMm + 1e-6);
  return {
    leastMm,
    mostMm,
    beyondOld: screwLengthMm === undefined,
    ...(stockMm === undefined ? {} : { stockMm }),
  };
}

/** A longer screw that finds sound thread below the tear. */
export function longerScrewAttempt(damage: Damage): Attempt {
  const { thread, material } = damage;
  const { belowMm, torn } = soundBelowMm(damage);
  const leastMm = leastBelowMm(damage);
  const short: RepairRefusal | undefined =
    belowMm < leastMm - 1e-6 ? { code: "nothing-below", belowMm, leastMm, torn } : undefined;
  const screwLength = lengthOf(damage, belowMm, leastMm);
  const { stockMm } = screwLength;
  return {
    kind: "longer-screw",
    thread,
    needs: [
      { tool: "longer-screw", thread, ...(stockMm === undefined ? {} : { lengthMm: stockMm }) },
    ],
    screwLength,
    holdN: stripLoadN(thread, material, belowMm, boss(damage)),
    ...firstOf(short),
  };
}
