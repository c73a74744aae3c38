import { COUNTERSINK_DIAMETERS, chartDrill, clearanceHoles, type Drill } from "../holes";
import { tapLeadPitches, type Tap } from "../../decide/joints";
import {
  basicSizes,
  insertTappedId,
  threadById,
  threadName,
  type Thread,
} from "../../catalogue/threads";
import { printPlain, type Mm } from "../../measure";
import { tappedBy } from "./cut";
import { drilledCut, handCut, strokeCut, turnedCut, type Cut } from "./cutting";
import { fullDepthMm, type Damage } from "./damage";
import type { RepairOption } from "./repair-options";
import { solidBush } from "./solid-bush";
import type { CuttingStepCode } from "./steps";

/** Of the diameter: the hole of an extractor (practice). */
export const EXTRACTOR_SHARE = 0.525;
/** Of the diameter: how far a countersink goes down, how high a hexagon head stands, and how a burr is taken off. */
const SINK_SHARE = 0.1;
const HEAD_SHARE = 0.7;
const BURR_MM: Mm = 0.3;
/** A stump is faced and a bush flushed by so much at the most. */
const FACING_MM: Mm = 0.5;
/** The screws that are drilled into are of steel, whatever they stand in. */
const OF_SCREWS = "mild-steel" as const;

/** What an insert's tap is called by. */
export function stiName(inside: Thread): string {
  return threadById(insertTappedId(inside))?.designation ?? `STI ${inside.designation}`;
}

/** A plug is drilled and tapped by its own thread first, and afterwards by the thread that was there. */
export interface CutStage {
  readonly drill: Drill;
  readonly depthMm: Mm;
  readonly thread: Thread;
  readonly fullThreadMm: Mm;
  readonly taps: readonly Tap[];
  readonly insert: boolean;
}

/** The cuts of a thread that a repair makes, one after the other. */
export function cutStages(option: RepairOption, damage: Damage): readonly CutStage[] {
  const { kind, cut, thread, drill } = option;
  const { depthMm, hole } = damage;
  if (cut === undefined) {
    if (drill === undefined) return [];
    return [{ drill, depthMm, thread, fullThreadMm: 0, taps: [], insert: false }];
  }
  const first: CutStage = {
    drill: cut.drill,
    depthMm: cut.drillDepthMm,
    thread: cut.thread,
    fullThreadMm: cut.fullThreadMm,
    taps: cut.taps,
    insert: kind === "wire-insert",
  };
  if (kind !== "plug-and-redrill" || solidBush(thread) === undefined) return [first];
  const last = cut.taps.at(-1) ?? "bottoming";
  const under = (tapLeadPitches(last) + 1) * thread.pitchMm;
  const again = Math.min(cut.fullThreadMm, fullDepthMm(damage));
  return [
    first,
    {
      drill: chartDrill(thread).drill,
      depthMm: hole === "through" ? depthMm : Math.min(cut.drillDepthMm, again + under),
      thread,
      fullThreadMm: again,
      taps: cut.taps,
      insert: false,
    },
  ];
}

/** A thread file asks for the pitch alone: "20 TPI", "1.25 mm". */
const pitchName = ({ tpi, pitchMm }: Thread): string =>
  tpi === undefined ? `${printPlain(pitchMm, 3)} mm` : `${printPlain(tpi)} TPI`;

/** How deep the thread of a screw or a hole is to be restored. */
function restoredMm({ part, depthMm, thread }: Damage): Mm {
  return part === "screw" ? thread.majorMm : depthMm;
}

/** The cut of a step that cuts; a tap is cut by `tapCut`. */
export function cutAt(
  code: Exclude<CuttingStepCode, "pilot" | "tap">,
  option: RepairOption,
  damage: Damage,
  stage: CutStage | undefined,
): Cut {
  const { material, depthMm, hole } = damage;
  const { thread } = option;
  const { majorMm, pitchMm } = thread;
  const root = basicSizes(thread).minor;
  switch (code) {
    case "drill":
      return stage === undefined
        ? drilledCut(chartDrill(thread).drill, material, depthMm)
        : drilledCut(stage.drill, material, stage.depthMm);
    case "countersink": {
      const across = stage?.insert === true ? tappedBy(option).majorMm : sinkAcross(option, stage);
      return turnedCut("countersink", "countersink", material, across, SINK_SHARE * majorMm);
    }
    case "open-mate": {
      const holes = clearanceHoles(thread);
      const across =
        (option.kind === "ease-mate" ? holes?.free.mm : holes?.normal.mm) ?? 1.1 * majorMm;
      return turnedCut("drill", "drill", material, across, damage.engagementMm ?? majorMm);
    }
    case "face":
      return strokeCut("flat-file", majorMm, material, FACING_MM);
    case "shorten":
      return strokeCut("saw-and-file", majorMm, OF_SCREWS, shortened(damage));
    case "chase": {
      const isDie = option.kind === "die";
      const tool = isDie ? "die" : option.kind === "retap" ? "tap" : "chaser";
      const metal = damage.part === "screw" ? OF_SCREWS : material;
      return handCut(tool, threadName(thread), metal, restoredMm(damage), thread.hand);
    }
    case "file":
      return strokeCut("thread-file", pitchName(thread), OF_SCREWS, (majorMm - root) / 2);
    case "deburr":
      return strokeCut("deburrer", stage?.drill.mm ?? majorMm, material, BURR_MM);
    case "left-drill":
    case "right-drill": {
      const tool = code === "left-drill" ? "left-hand-drill" : "drill";
      return turnedCut("drill", tool, OF_SCREWS, EXTRACTOR_SHARE * majorMm, majorMm);
    }
    case "drill-out":
      return turnedCut(
        "drill",
        "drill",
        OF_SCREWS,
        root,
        hole === "through" ? depthMm : fullDepthMm(damage),
      );
    case "head-off":
      return turnedCut("drill", "drill", OF_SCREWS, majorMm, HEAD_SHARE * majorMm);
    case "erode":
      return {
        ...turnedCut("drill", "carbide-mill", "alloy-steel", root, depthMm),
        turn: { sense: "right", way: "in-pecks" },
      };
    case "cut-nut":
      return strokeCut(
        "grinder",
        threadName(damage.thread),
        OF_SCREWS,
        Math.max(pitchMm, 0.8 * majorMm),
      );
  }
}

const sinkAcross = ({ thread }: RepairOption, stage: CutStage | undefined): Mm =>
  COUNTERSINK_DIAMETERS * (stage?.taps.length ? stage.thread.majorMm : thread.majorMm);

/** Of a plug: the thread that it may have, so that it does not reach through. */
export function shortened({ depthMm, thread }: Damage): Mm {
  return depthMm - tapLeadPitches("bottoming") * thread.pitchMm;
}

/** The cut of a tap of a stage; undefined: no tap is on any list. */
export function tapCut(stage: CutStage, tap: Tap | undefined, { material }: Damage): Cut {
  const { thread, fullThreadMm, insert } = stage;
  const name = insert ? stiName(thread) : threadName(thread);
  const cut = handCut(insert ? "insert-tap" : "tap", name, material, fullThreadMm, thread.hand);
  return tap === undefined ? cut : { ...cut, tap };
}
