import type { HolePlan, TappingRequest } from "../holes";
import type { RepairTool } from "./attempt-parts";
import type { StepCode, StepFigures, WorkStep } from "./steps";
import { drillAtSpeed, stepOf } from "./work-plan";

function toolsOf({ pilots, drill, taps }: HolePlan, { thread }: TappingRequest): RepairTool[] {
  return [
    ...[...pilots, drill.drill].map((one): RepairTool => ({ tool: "drill", thread, drill: one })),
    ...taps.map(({ tap }): RepairTool => ({ tool: "tap", thread, tap })),
    { tool: "screw", thread },
  ];
}

/** The steps of a new hole, by its tapping plan. */
export function tappingSteps(plan: HolePlan, request: TappingRequest): readonly WorkStep[] {
  const { material, thread, hole, tools } = request;
  const tapped = { thread, insert: false, drill: plan.drill.drill, tools };
  const at = (code: StepCode, figures?: StepFigures) => stepOf(code, request, tapped, figures);
  const { designation } = thread;
  return [
    at("lay-out", { tools: toolsOf(plan, request) }),
    at("protect"),
    at("mark"),
    at("centre"),
    at("test-piece", { thread: designation }),
    at("align"),
    ...plan.pilots.map((pilot) => at("pilot", drillAtSpeed(pilot, material))),
    at("drill", {
      ...drillAtSpeed(plan.drill.drill, material),
      depthMm: plan.drillDepthMm,
      ...(hole === "blind" ? { flagFromTipMm: plan.flagFromTipMm } : {}),
    }),
    at("countersink", { diameterMm: plan.countersinkMm, rpm: plan.countersinkRpm.adviceRpm }),
    at("clean"),
    ...plan.taps.map(({ tap, turns }) => at("tap", { thread: designation, turns, tap })),
    at("clean"),
    at("gauge", { thread: designation }),
    at("trial-screw", { thread: designation }),
    at("tighten"),
    at("record"),
  ];
}
