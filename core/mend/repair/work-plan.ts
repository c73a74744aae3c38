import { drillPointMm } from "../holes";
import { tapLeadPitches } from "../../decide/joints";
import { inHand, threadName } from "../../catalogue/threads";
import type { Cut } from "./cutting";
import {
  EXTRACTOR_SHARE,
  cutAt,
  cutStages,
  shortened,
  stiName,
  tapCut,
  type CutStage,
} from "./cuts-of-steps";
import type { Damage } from "./damage";
import { isOddThread } from "./odd-thread";
import { makeUpTurns } from "./pipe-joints";
import type { RepairOption } from "./repair-options";
import { branchesAt, type TappedWith } from "./step-branches";
import { cautionsAt } from "./step-cautions";
import { stepCodes } from "./step-sequences";
import {
  CUTTING_STEPS,
  type CuttingStepCode,
  type StepCode,
  type StepFigures,
  type WorkStep,
} from "./steps";
import { tappedBy } from "./cut";
import { tightening } from "./wanted-load";
import { wireInsert, type WireInsert } from "./wire-insert";

type PlainStepCode = Exclude<StepCode, CuttingStepCode>;

const CUTTING: ReadonlySet<StepCode> = new Set(CUTTING_STEPS);

const isCutting = (code: StepCode): code is CuttingStepCode => CUTTING.has(code);

type Where = Pick<Damage, "material" | "behind" | "thread" | "symptom">;

/** A step that cuts nothing, with what belongs to it wherever it stands. */
export function plainStep(
  code: PlainStepCode,
  damage: Where,
  tapped: TappedWith,
  figures: StepFigures = {},
): WorkStep {
  return {
    code,
    figures,
    cautions: cautionsAt(code, damage),
    branches: branchesAt(code, tapped),
  };
}

/** A step that cuts, with its cut. */
export function cuttingStep(
  code: CuttingStepCode,
  damage: Where,
  tapped: TappedWith,
  cut: Cut,
  figures: StepFigures = {},
): WorkStep {
  const { drill, speed } = cut;
  return {
    code,
    cut,
    figures: {
      ...(drill === undefined ? {} : { drill, drillMark: drill.mark, drillMm: drill.mm }),
      ...(speed === "by-hand" ? {} : { rpm: speed.rpm }),
      ...(typeof cut.size === "number" ? { diameterMm: cut.size } : { thread: cut.size }),
      ...figures,
    },
    cautions: cautionsAt(code, damage),
    branches: branchesAt(code, tapped),
  };
}

/** How a screw is tightened after the repair: at the old clamp load, and never over what the hole holds. */
export function torqueFigures(
  damage: Pick<Damage, "thread" | "gradeId">,
  { torqueRatio = 1, holdN }: Pick<RepairOption, "torqueRatio" | "holdN">,
): StepFigures {
  const range = tightening(damage.thread, damage.gradeId);
  if (range === undefined) return { torqueRatio };
  const { preloadN, grade, said, surface } = range;
  const share = holdN === undefined ? 1 : Math.min(1, holdN / preloadN);
  return {
    torqueRatio,
    leastNm: range.leastNm * torqueRatio * share,
    mostNm: range.mostNm * torqueRatio * share,
    counted: { grade: grade.name, said, surface, heldBack: share < 1 },
  };
}

function turnsOf({ male, thread }: Damage): StepFigures {
  const turns = makeUpTurns(male ?? thread);
  return turns === undefined ? {} : { turns: turns.hand, mostTurns: turns.hand + turns.wrench };
}

/** Of the diameter: how far off centre a punch may be (practice). */
const CENTRE_SHARE = 0.03;

const handOf = ({ hand }: Damage["thread"]): StepFigures => (hand === "left" ? { hand } : {});

/** What is tried in the hole by hand: in an insert's the insert's own tap says, in a bush's the bush, else the screw. */
function gaugeFigures({ kind, thread }: RepairOption): StepFigures {
  switch (kind) {
    case "wire-insert":
    case "insert-again":
      return { gauge: "insert", thread: stiName(thread) };
    case "solid-bush":
      return { gauge: "bush", thread: threadName(tappedBy({ kind, thread }).thread) };
    default:
      return { gauge: "screw", thread: threadName(thread) };
  }
}

/** What is measured again before anything is cut. */
function measuredAt({ part, symptom }: Damage): StepFigures["measured"] {
  if (symptom === "leaks") return "joint";
  return part;
}

/** The figures of a step that cuts nothing. */
function figuresOf(
  code: PlainStepCode,
  option: RepairOption,
  damage: Damage,
  insert: WireInsert | undefined,
): StepFigures {
  const { thread } = option;
  switch (code) {
    case "lay-out":
      return { tools: option.needs };
    case "ask-floor":
      return option.cut?.asks === undefined ? {} : { floor: option.cut.asks };
    case "pick-length": {
      const { screwLength } = option;
      if (screwLength === undefined) return {};
      const { leastMm, mostMm, stockMm, beyondOld } = screwLength;
      return {
        thread: threadName(thread),
        leastMm,
        mostMm,
        beyondOld,
        ...(stockMm === undefined ? {} : { lengthMm: stockMm }),
      };
    }
    case "measure":
      return { measured: measuredAt(damage) };
    case "align":
      return damage.matingHoleMm === undefined ? {} : { guideMm: damage.matingHoleMm };
    case "assemble":
      return turnsOf({ ...damage, thread });
    case "run-nut":
    case "trial-screw":
      return isOddThread(thread) ? {} : { thread: threadName(thread), ...handOf(thread) };
    case "gauge":
      return gaugeFigures(option);
    case "grip":
    case "turn-out":
    case "which-way":
    case "nut-on":
    case "drive-in":
      return handOf(damage.thread);
    case "screw-in":
    case "lock":
      return { ...handOf(damage.thread), thread: threadName(tappedBy(option).thread) };
    case "fit-nut":
    case "weld":
    case "set-rivet-nut":
    case "press-in":
    case "melt-in":
    case "drive-bush":
      return { thread: threadName(thread), tools: option.needs, ...handOf(thread) };
    case "centre":
      return { mostMm: CENTRE_SHARE * thread.majorMm };
    case "extractor":
      return { diameterMm: EXTRACTOR_SHARE * damage.thread.majorMm, ...handOf(damage.thread) };
    case "wind-in":
      return insert === undefined ? {} : { lengthMm: insert.installedMm, turns: insert.coils };
    case "set-depth":
      return insert === undefined
        ? {}
        : { leastMm: insert.setDownMm.least, mostMm: insert.setDownMm.most };
    case "tang":
      return insert === undefined ? {} : { depthMm: insert.screwPastTangMm };
    case "tighten":
      return { ...torqueFigures(damage, option), ...handOf(thread) };
    default:
      return {};
  }
}

/** What stands beside the cut of a step: a flag on the drill, where a washer goes, how long a plug may be. */
function besideCut(
  code: CuttingStepCode,
  option: RepairOption,
  damage: Damage,
  stage: CutStage | undefined,
): StepFigures {
  switch (code) {
    case "drill":
      return {
        depthMm: stage?.depthMm ?? damage.depthMm,
        ...(damage.hole === "through" || stage === undefined
          ? {}
          : { flagFromTipMm: stage.depthMm + drillPointMm(stage.drill.mm) }),
      };
    case "open-mate":
      return { thread: threadName(option.thread), washer: threadName(option.thread) };
    case "shorten":
      return { thread: threadName(option.thread), lengthMm: shortened(damage) };
    case "drill-out":
      return { mostMm: cutAt(code, option, damage, stage).size as number };
    default:
      return {};
  }
}

/** How the taps of a stage are used, one after the other; where something lies behind, none comes out at the far side. */
function tapSteps(stage: CutStage, damage: Damage, tapped: TappedWith): readonly WorkStep[] {
  const { hole, depthMm, behind = false } = damage;
  const { pitchMm } = stage.thread;
  const stops = hole === "through" && behind;
  const taps = stage.taps.length === 0 ? [undefined] : stage.taps;
  return taps.map((tap) => {
    const turns = stage.fullThreadMm / pitchMm + tapLeadPitches(tap ?? "bottoming");
    return cuttingStep("tap", damage, tapped, tapCut(stage, tap, damage), {
      ...(tap === undefined ? {} : { tap }),
      turns: stops ? Math.min(turns, depthMm / pitchMm) : turns,
      ...(stops ? { stopMm: depthMm } : {}),
      ...handOf(stage.thread),
    });
  });
}

/**
 * The steps of a repair, in order, with their figures, cautions and branches. Torques are estimates: the maker's rules.
 * @returns none for a repair that is refused
 */
export function workPlan(option: RepairOption, damage: Damage): readonly WorkStep[] {
  if (option.verdict === "refused") return [];
  const { tools } = damage;
  const { kind, thread, lengthInDiameters, drill } = option;
  const insert =
    lengthInDiameters === undefined
      ? undefined
      : wireInsert(inHand(thread, "right"), lengthInDiameters, "second", tools);
  const tapped: TappedWith = {
    thread: tappedBy(option).thread,
    insert: kind === "wire-insert",
    drill,
    tools,
  };
  const codes = stepCodes(option, damage);
  const stages = cutStages(option, damage);
  const markedAt = codes.indexOf("mark");
  return codes.flatMap((code, at): readonly WorkStep[] => {
    const stage = markedAt >= 0 && at > markedAt ? (stages[1] ?? stages[0]) : stages[0];
    if (!isCutting(code)) {
      return [plainStep(code, damage, tapped, figuresOf(code, option, damage, insert))];
    }
    if (code === "tap") return stage === undefined ? [] : tapSteps(stage, damage, tapped);
    if (code === "pilot") return [];
    const cut = cutAt(code, option, damage, stage);
    return [cuttingStep(code, damage, tapped, cut, besideCut(code, option, damage, stage))];
  });
}
