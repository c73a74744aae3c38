import type { HolePlan, TappingRequest } from "../holes";
import { threadName } from "../../catalogue/threads";
import type { RepairTool } from "./attempt-parts";
import { drilledCut, handCut, turnedCut } from "./cutting";
import type { StepCode, StepFigures, CuttingStepCode, WorkStep } from "./steps";
import { cuttingStep, plainStep } from "./work-plan";

function toolsOf({ pilots, drill, taps }: HolePlan, { thread }: TappingRequest): RepairTool[] {
  return [
    ...[...pilots, drill.drill].map((one): RepairTool => ({ tool: "drill", thread, drill: one })),
    ...taps.map(({ tap }): RepairTool => ({ tool: "tap", thread, tap })),
    { tool: "screw", thread },
  ];
}

/** A countersink goes down so much of the thread's diameter. */
const SINK_SHARE = 0.1;

/**
 * The steps of a new hole, by its tapping plan.
 * @param tighten the figures of its last screw, where a class was said
 */
export function tappingSteps(
  plan: HolePlan,
  request: TappingRequest,
  tighten: StepFigures = {},
): readonly WorkStep[] {
  const { material, thread, hole, tools } = request;
  const tapped = { thread, insert: false, drill: plan.drill.drill, tools };
  const where = { ...request, symptom: "new" } as const;
  const at = (code: Exclude<StepCode, CuttingStepCode>, figures?: StepFigures) =>
    plainStep(code, where, tapped, figures);
  const name = threadName(thread);
  const hand: StepFigures = thread.hand === "left" ? { hand: "left" } : {};
  return [
    at("lay-out", { tools: toolsOf(plan, request) }),
    at("protect"),
    at("mark"),
    at("centre"),
    at("test-piece", { thread: name }),
    at("align"),
    ...plan.pilots.map((pilot) =>
      cuttingStep("pilot", where, tapped, drilledCut(pilot, material, plan.drillDepthMm), {
        depthMm: plan.drillDepthMm,
      }),
    ),
    cuttingStep("drill", where, tapped, drilledCut(plan.drill.drill, material, plan.drillDepthMm), {
      depthMm: plan.drillDepthMm,
      ...(hole === "blind" ? { flagFromTipMm: plan.flagFromTipMm } : {}),
    }),
    cuttingStep(
      "countersink",
      where,
      tapped,
      turnedCut(
        "countersink",
        "countersink",
        material,
        plan.countersinkMm,
        SINK_SHARE * thread.majorMm,
      ),
    ),
    at("clean"),
    ...plan.taps.map(({ tap, turns }) =>
      cuttingStep(
        "tap",
        where,
        tapped,
        { ...handCut("tap", name, material, plan.fullThreadMm, thread.hand), tap },
        { turns, tap, ...hand },
      ),
    ),
    at("clean"),
    at("gauge", { thread: name, gauge: "screw" }),
    at("trial-screw", { thread: name, ...hand }),
    at("tighten", { ...tighten, ...hand }),
    at("record"),
  ];
}
