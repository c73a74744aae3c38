import { lookUpThreadAlone, type Thread } from "@root-gauge/core";
import { WORK_MATERIAL_KINDS, tappingPlan } from "@root-gauge/core/mend/holes";
import { repairOptions, type Damage } from "@root-gauge/core/mend/repair";
import { print, spreadWords, timed } from "./report";

const PLAN_AIM_MS = 5;
const OPTIONS_AIM_MS = 20;

const NAMES = ["M4", "M8", "M10x1.25", "M20", "1/4-20 unc", "3/8-16 unc", "5/16 bsf", "2 BA"];

function threads(): readonly Thread[] {
  return NAMES.flatMap((name) => {
    const read = lookUpThreadAlone(name);
    return read.kind === "found" ? [read.thread] : [];
  });
}

/** What a tapping plan and the ranked repairs of a stripped hole cost, over threads and metals in turn. */
export function benchRepair(): void {
  const held = threads();
  let at = 0;
  const next = () => {
    at += 1;
    const thread = held[at % held.length];
    const material = WORK_MATERIAL_KINDS[at % WORK_MATERIAL_KINDS.length];
    if (thread === undefined || material === undefined) throw new Error("nothing to plan");
    return { thread, material };
  };
  const plans = timed(
    () => {
      const { thread, material } = next();
      tappingPlan({ thread, material, hole: "blind", depthMm: 3 * thread.majorMm });
    },
    300,
    30,
  );
  print(`tapping plan, ${plans.length} runs: ${spreadWords(plans)} (aim: under ${PLAN_AIM_MS} ms)`);
  const options = timed(
    () => {
      const { thread, material } = next();
      const damage: Damage = {
        symptom: "strips",
        part: "hole",
        thread,
        material,
        hole: "blind",
        depthMm: 3 * thread.majorMm,
        edgeMm: 1.5 * thread.majorMm,
        duty: "ordinary",
        often: true,
      };
      repairOptions(damage);
    },
    300,
    30,
  );
  print(
    `repairs of a stripped hole, ranked, ${options.length} runs: ${spreadWords(options)} (aim: under ${OPTIONS_AIM_MS} ms)`,
  );
}
