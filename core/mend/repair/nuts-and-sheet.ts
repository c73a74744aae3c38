import { clearanceHoles } from "../holes";
import type { Mm } from "../../measure";
import { firstOf, type Attempt, type RepairTool } from "./attempt-parts";
import type { Damage } from "./damage";
import { drillTo, drillToSet } from "./drill-to-set";
import type { RepairRefusal } from "./refusal";
import {
  LEAST_CLINCH_SHEET_MM,
  RIVET_NUT_SHEET,
  TAKES_CLINCH,
  TAKES_WELD,
  clinchNut,
  rivetNut,
} from "./set-nuts";

/** Threads that a nut gives in place of a part's own. */
export type NutRepair =
  "new-nut" | "nut-behind" | "weld-nut" | "cage-nut" | "rivet-nut" | "clinch-nut";

const far = ({ hole, behind = false }: Damage): RepairRefusal | undefined =>
  hole === "blind" || behind ? { code: "far-side-closed" } : undefined;

const otherNut = (isRight: boolean): RepairRefusal | undefined =>
  isRight ? undefined : { code: "wrong-nut" };

function sheetProblem(readMm: Mm, leastMm: Mm, mostMm: Mm): RepairRefusal | undefined {
  return readMm < leastMm || readMm > mostMm
    ? { code: "sheet-thickness", readMm, leastMm, mostMm }
    : undefined;
}

/** Set into the sheet from this side: its hole, its drill, and the sheet it grips. */
function setIn(
  kind: "rivet-nut" | "clinch-nut",
  damage: Damage,
  ...problems: readonly (RepairRefusal | undefined)[]
): Attempt {
  const { thread, depthMm: sheetMm } = damage;
  const left: RepairRefusal | undefined =
    thread.hand === "left" ? { code: "no-left-hand" } : undefined;
  const made = (kind === "rivet-nut" ? rivetNut : clinchNut)(thread);
  const part: RepairTool = { tool: kind, thread, sheetMm };
  if (made === undefined) {
    return { kind, thread, needs: [part], refusal: left ?? { code: "no-size-made" } };
  }
  const { drill, problem } = drillToSet(made.holeMm, damage);
  return {
    kind,
    thread,
    ...(drill === undefined ? {} : { drill }),
    needs: [
      part,
      { tool: "screw", thread },
      ...(drill === undefined ? [] : [{ tool: "drill", thread, drill, owned: true } as const]),
    ],
    ...firstOf(left, ...problems, problem),
  };
}

/** What each way of giving a nut would come to. */
export function nutAttempt(kind: NutRepair, damage: Damage): Attempt {
  const { thread, depthMm, material, symptom, nutKind = "plain", noFlame = false } = damage;
  const isNut = symptom === "nut-stripped";
  const screw: RepairTool = { tool: "screw", thread };
  switch (kind) {
    case "new-nut":
      return {
        kind,
        thread,
        needs: [{ tool: "nut", thread }, screw],
        ...firstOf(otherNut(nutKind === "plain")),
      };
    case "cage-nut":
      return {
        kind,
        thread,
        needs: [{ tool: "cage-nut", thread, sheetMm: depthMm }, screw],
        ...firstOf(otherNut(nutKind === "cage")),
      };
    case "nut-behind": {
      const passes = clearanceHoles(thread)?.normal.mm ?? thread.majorMm;
      const drill = drillTo(Math.max(passes, damage.boreMm ?? 0), damage);
      return {
        kind,
        thread,
        ...(drill === undefined ? {} : { drill }),
        needs: [
          { tool: "nut", thread },
          { tool: "washer", thread },
          screw,
          ...(drill === undefined ? [] : [{ tool: "drill", thread, drill, owned: true } as const]),
        ],
        ...firstOf(
          isNut ? otherNut(nutKind !== "plain") : undefined,
          far(damage),
          drill === undefined ? { code: "no-size-made" } : undefined,
        ),
      };
    }
    case "weld-nut":
      return {
        kind,
        thread,
        needs: [{ tool: "weld-nut", thread }, screw],
        ...firstOf(
          isNut ? otherNut(nutKind === "weld") : undefined,
          TAKES_WELD.has(material) ? undefined : { code: "not-for-metal" },
          noFlame ? { code: "no-flame" } : undefined,
          far(damage),
        ),
      };
    case "rivet-nut":
      return setIn(
        kind,
        damage,
        isNut ? otherNut(nutKind !== "plain") : undefined,
        sheetProblem(depthMm, RIVET_NUT_SHEET.leastMm, RIVET_NUT_SHEET.mostMm),
      );
    case "clinch-nut":
      return setIn(
        kind,
        damage,
        TAKES_CLINCH.has(material) ? undefined : { code: "not-for-metal" },
        sheetProblem(depthMm, LEAST_CLINCH_SHEET_MM, RIVET_NUT_SHEET.mostMm),
        far(damage),
      );
  }
}
