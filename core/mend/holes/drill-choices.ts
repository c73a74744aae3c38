import { bandAt, gradeById, weakestGrade } from "../../catalogue/grades";
import { stressArea } from "../../decide/joints";
import type { Thread } from "../../catalogue/threads";
import type { Mm } from "../../measure";
import { plannedDrill, rankedDrills, type PlannedDrill } from "./choose-drill";
import { ownedDrills, type OwnedTools } from "./owned-tools";
import { screwStripLoadN, stripLoadN } from "./strip-load";
import { percentThread } from "./thread-percent";
import type { WorkMaterial } from "./work-materials";

/** What is drilled and tapped, for the choice among the drills on hand. */
export interface DrillQuestion {
  readonly thread: Thread;
  readonly material: WorkMaterial;
  /** Threads that will meet, mm. */
  readonly engagementMm: Mm;
  /** Class of the screw; the weakest where it is not known. */
  readonly gradeId?: string;
  readonly tools?: OwnedTools;
}

/** A drill on hand, with what its hole would hold and what its tap asks for. Loads are estimates. */
export interface DrillChoice extends PlannedDrill {
  /** The lesser of what the hole's thread and the screw's hold, newtons. */
  readonly holdN: number;
  /** Why it is not offered; undefined where it is. */
  readonly refused?: "too-full" | "too-shallow";
}

export interface DrillChoices {
  readonly choices: readonly DrillChoice[];
  /** What breaks the screw itself, newtons; undefined where no class says. */
  readonly screwLimitN?: number;
}

/** Drills outside these shares of thread are of no interest to the eye. */
const LEAST_SHOWN = 35;
const MOST_SHOWN = 105;

/** Strength of the screw, by its class or the weakest there is. */
function tensileOf({ thread, gradeId }: DrillQuestion): number | undefined {
  const grade = (gradeId === undefined ? undefined : gradeById(gradeId)) ?? weakestGrade(thread);
  return grade === undefined ? undefined : bandAt(grade, thread.majorMm)?.tensileMpa;
}

/**
 * Every drill on hand that leaves some thread, smallest first: what its hole holds, how hard its tap turns, and whether it
 * is offered. Offered are those that a tapping plan may take.
 */
export function drillChoices(question: DrillQuestion): DrillChoices {
  const { thread, material, engagementMm, tools } = question;
  const owned = ownedDrills(tools);
  const tensileMpa = tensileOf(question);
  const offered = new Set(
    rankedDrills(thread, material, owned, 0).map(({ drill }) => `${drill.set} ${drill.mark}`),
  );
  const holeN = stripLoadN(thread, material, engagementMm);
  const choices = owned
    .filter(({ mm }) => {
      const percent = percentThread(thread, mm);
      return percent >= LEAST_SHOWN && percent <= MOST_SHOWN;
    })
    .map((drill): DrillChoice => {
      const planned = plannedDrill(thread, material, drill);
      const screwN =
        tensileMpa === undefined
          ? Infinity
          : screwStripLoadN(thread, drill.mm, tensileMpa, engagementMm);
      const isOffered = offered.has(`${drill.set} ${drill.mark}`);
      return {
        ...planned,
        holdN: Math.min(holeN, screwN),
        ...(isOffered ? {} : { refused: planned.percent > 75 ? "too-full" : "too-shallow" }),
      };
    });
  return tensileMpa === undefined
    ? { choices }
    : { choices, screwLimitN: tensileMpa * stressArea(thread) };
}
