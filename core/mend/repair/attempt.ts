import { bandAt, gradeById } from "../../catalogue/grades";
import { chartDrill, clearanceHoles, stripLoadN } from "../holes";
import type { Thread } from "../../catalogue/threads";
import { firstOf, goneProblem, tapFor, type Attempt, type RepairTool } from "./attempt-parts";
import { LEAST_SOUND, boss, engagementOf, soundShareOf, type Damage } from "./damage";
import { drillTo } from "./drill-to-set";
import { oversizeAttempts } from "./larger-thread";
import { longerScrewAttempt } from "./longer-screw";
import { bushAttempt, plugAttempt, wireInsertAttempt } from "./new-thread";
import { nutAttempt, type NutRepair } from "./nuts-and-sheet";
import { isOddThread } from "./odd-thread";
import { pipeSeal } from "../../identify/mating";
import type { RepairRefusal } from "./refusal";
import type { RepairKind } from "./repair-kinds";
import { softBushAttempt } from "./soft-bushes";
import { stuckAttempt, type StuckRepair } from "./stuck";
import { discardProblem } from "./worn-screw";

const LEAST_SOUND_RETAP = 0.5;
const HARD_MPA = 1000;

function restoring(kind: RepairKind, damage: Damage, least: number, tool: RepairTool): Attempt {
  const { thread, material, part } = damage;
  const gone = goneProblem(damage, least);
  if (part === "screw") {
    return {
      kind,
      thread,
      needs: [tool],
      ...firstOf(discardProblem(damage), gone, toolProblem(kind, thread)),
    };
  }
  const overMm = engagementOf(damage) * soundShareOf(damage);
  const holdN = stripLoadN(thread, material, overMm, boss(damage));
  return { kind, thread, needs: [tool], holdN, ...firstOf(gone) };
}

function die(damage: Damage): Attempt {
  const { thread, gradeId } = damage;
  const grade = gradeId === undefined ? undefined : gradeById(gradeId);
  const tensileMpa = grade === undefined ? 0 : (bandAt(grade, thread.majorMm)?.tensileMpa ?? 0);
  return {
    kind: "die",
    thread,
    needs: [{ tool: "die", thread }],
    ...firstOf(
      discardProblem(damage),
      toolProblem("die", thread),
      tensileMpa >= HARD_MPA ? { code: "cuts-strength", tensileMpa } : undefined,
      goneProblem(damage, LEAST_SOUND),
    ),
  };
}

/** A thread of no standard has no chaser and no die: a file asks for its pitch alone. */
function toolProblem(kind: RepairKind, thread: Thread): RepairRefusal | undefined {
  return kind !== "file" && isOddThread(thread) ? { code: "no-standard" } : undefined;
}

/** Sealed anew where the pair can seal; an adaptor between where it never will. */
function sealing(kind: "reseal" | "adaptor", { thread, male = thread }: Damage): Attempt {
  const seal = pipeSeal(male, thread);
  const never: RepairRefusal | undefined =
    seal.kind === "none" ? { code: "never-seals", reason: seal.reason } : undefined;
  if (kind === "reseal") {
    return { kind, thread, needs: [{ tool: "sealant", thread }], ...firstOf(never) };
  }
  return {
    kind,
    thread,
    needs: [
      { tool: "adaptor", thread },
      { tool: "sealant", thread },
    ],
    ...firstOf(never === undefined ? { code: "pair-is-right" } : undefined),
  };
}

/** A bolt through the part, with a nut behind: drilled for the screw to pass. */
function throughBolt(damage: Damage): Attempt {
  const { thread, hole, behind = false } = damage;
  const clearanceMm = clearanceHoles(thread)?.normal.mm;
  const drill = drillTo(Math.max(clearanceMm ?? thread.majorMm, damage.boreMm ?? 0), damage);
  return {
    kind: "through-bolt",
    thread,
    ...(drill === undefined ? {} : { drill }),
    needs: [
      { tool: "screw", thread },
      { tool: "nut", thread },
      { tool: "washer", thread },
      ...(drill === undefined ? [] : [{ tool: "drill", thread, drill, owned: true } as const]),
    ],
    ...firstOf(
      hole === "blind" || behind ? { code: "far-side-closed" } : undefined,
      drill === undefined
        ? {
            code: "no-drill",
            leastMm: thread.majorMm,
            mostMm: thread.majorMm,
            buy: chartDrill(thread).drill,
          }
        : undefined,
    ),
  };
}

function stud(damage: Damage): Attempt {
  const { thread, material } = damage;
  const overMm = engagementOf(damage) * soundShareOf(damage);
  return {
    kind: "stud",
    thread,
    needs: [
      { tool: "stud", thread },
      { tool: "nut", thread },
    ],
    holdN: stripLoadN(thread, material, overMm, boss(damage)),
    ...firstOf(goneProblem(damage, LEAST_SOUND)),
  };
}

/** The mating part's hole opened to the free series, where that takes up what the hole is off by. */
function easeMate(damage: Damage): Attempt {
  const { thread, offMm, matingHoleMm } = damage;
  const freeMm = clearanceHoles(thread)?.free.mm;
  const slackMm = freeMm === undefined ? 0 : (freeMm - thread.majorMm) / 2;
  const drill = freeMm === undefined ? undefined : drillTo(freeMm, damage);
  return {
    kind: "ease-mate",
    thread,
    ...(drill === undefined ? {} : { drill }),
    needs: [
      ...(drill === undefined ? [] : [{ tool: "drill", thread, drill, owned: true } as const]),
      { tool: "washer", thread },
    ],
    ...firstOf(
      freeMm === undefined ? { code: "no-size-made" } : undefined,
      offMm !== undefined && offMm > slackMm ? { code: "stays-off", offMm, slackMm } : undefined,
      matingHoleMm !== undefined && freeMm !== undefined && matingHoleMm >= freeMm
        ? { code: "stays-off", offMm: offMm ?? 0, slackMm }
        : undefined,
    ),
  };
}

/** What each kind would come to on this damage: one attempt, or several of a kind. */
export function attempts(kind: RepairKind, damage: Damage): readonly Attempt[] {
  const { thread } = damage;
  switch (kind) {
    case "chase":
      return [restoring(kind, damage, LEAST_SOUND, { tool: "chaser", thread })];
    case "file":
      return [restoring(kind, damage, LEAST_SOUND, { tool: "thread-file", thread })];
    case "retap":
      return [restoring(kind, damage, LEAST_SOUND_RETAP, tapFor(thread, damage))];
    case "longer-screw":
      return [longerScrewAttempt(damage)];
    case "wire-insert":
    case "insert-again":
      return [wireInsertAttempt(kind, damage)];
    case "solid-bush":
      return [bushAttempt(damage)];
    case "oversize":
      return oversizeAttempts(damage);
    case "plug-and-redrill":
      return [plugAttempt(damage)];
    case "die":
      return [die(damage)];
    case "build-up":
      return [{ kind, thread, needs: [], refusal: { code: "never" } }];
    case "through-bolt":
      return [throughBolt(damage)];
    case "stud":
      return [stud(damage)];
    case "ease-mate":
      return [easeMate(damage)];
    case "reseal":
    case "adaptor":
      return [sealing(kind, damage)];
    case "replace-fastener":
      return [{ kind, thread, needs: [{ tool: "screw", thread }] }];
    case "replace-part":
      return [{ kind, thread, needs: [] }];
    case "heat-set":
    case "self-cutting-bush":
      return [softBushAttempt(kind, damage)];
    case "extract":
    case "free":
    case "free-hot":
    case "drive-in":
    case "grip-head":
    case "nut-on":
    case "head-off":
    case "tap-fingers":
    case "erode":
      return [stuckAttempt(kind satisfies StuckRepair, damage)];
    case "new-nut":
    case "nut-behind":
    case "weld-nut":
    case "cage-nut":
    case "rivet-nut":
    case "clinch-nut":
      return [nutAttempt(kind satisfies NutRepair, damage)];
  }
}
