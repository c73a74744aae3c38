import {
  drillPointMm,
  ownedTaps,
  spindleRpm,
  type HolePlan,
  type TappingRequest,
  type WorkMaterial,
} from "../holes";
import { tapLeadPitches } from "../joints";
import type { Thread } from "../threads";
import type { Mm } from "../units";
import { engagementOf, tightening, type Damage } from "./damage";
import type { RepairKind } from "./repair-kinds";
import type { RepairOption } from "./repair-options";
import { solidBush } from "./solid-bush";
import { stiSizes, wireInsert, type WireInsert } from "./wire-insert";

/** The steps that work plans are made of. `words` writes them. */
export const STEP_CODES = [
  "acknowledge",
  "lay-out",
  "protect",
  "measure",
  "mark",
  "centre",
  "test-piece",
  "align",
  "pilot",
  "drill",
  "countersink",
  "clean",
  "tap",
  "gauge",
  "compound",
  "wind-in",
  "set-depth",
  "tang",
  "cure",
  "screw-in",
  "lock",
  "face",
  "open-mate",
  "chase",
  "file",
  "run-nut",
  "deburr",
  "soak",
  "heat",
  "grip",
  "left-drill",
  "extractor",
  "drill-out",
  "depressurise",
  "seal",
  "assemble",
  "leak-test",
  "trial-screw",
  "tighten",
  "record",
] as const;

export type StepCode = (typeof STEP_CODES)[number];

/** What has to be minded at a step. */
export type StepCaution =
  | "maker-rules"
  | "chips-in-oilway"
  | "clamp"
  | "eyes"
  | "no-gloves"
  | "magnesium-fire"
  | "tap-shards"
  | "brush-not-fingers"
  | "gloves-and-air"
  | "no-heat-near-seals"
  | "hard-stub"
  | "relieve-pressure"
  | "work-hardens"
  | "snatches";

/** What it may feel like, and which step then comes; none goes back past the drill, for the metal is gone. */
export interface StepBranch {
  readonly feel:
    "tight" | "loose" | "stiff" | "stops" | "broke" | "binds" | "turns-for-ever" | "proud";
  readonly then: StepCode | "next-option" | "stop";
}

/** Figures of a step: what is not of it is absent. Lengths in mm, torque in N m, speed in turns a minute. */
export interface StepFigures {
  readonly thread?: string;
  readonly drillMark?: string;
  readonly drillMm?: Mm;
  readonly depthMm?: Mm;
  readonly flagFromTipMm?: Mm;
  readonly rpm?: number;
  readonly diameterMm?: Mm;
  readonly turns?: number;
  readonly lengthMm?: Mm;
  readonly leastMm?: Mm;
  readonly mostMm?: Mm;
  readonly clearanceMm?: Mm;
  readonly leastNm?: number;
  readonly mostNm?: number;
  readonly torqueRatio?: number;
}

export interface WorkStep {
  readonly code: StepCode;
  readonly figures: StepFigures;
  readonly cautions: readonly StepCaution[];
  readonly branches: readonly StepBranch[];
}

const BRANCHES: Readonly<Partial<Record<StepCode, readonly StepBranch[]>>> = {
  "test-piece": [
    { feel: "tight", then: "drill" },
    { feel: "loose", then: "measure" },
  ],
  tap: [
    { feel: "stiff", then: "clean" },
    { feel: "stops", then: "stop" },
    { feel: "broke", then: "stop" },
  ],
  "left-drill": [{ feel: "broke", then: "drill-out" }],
  extractor: [
    { feel: "stops", then: "drill-out" },
    { feel: "broke", then: "stop" },
  ],
  "trial-screw": [
    { feel: "binds", then: "clean" },
    { feel: "turns-for-ever", then: "next-option" },
    { feel: "proud", then: "measure" },
  ],
};

const MATERIAL_CAUTION: Readonly<Partial<Record<WorkMaterial, StepCaution>>> = {
  magnesium: "magnesium-fire",
  stainless: "work-hardens",
  brass: "snatches",
};

function cautionsAt(code: StepCode, material: WorkMaterial): readonly StepCaution[] {
  const ofMetal = MATERIAL_CAUTION[material];
  const metal = ofMetal === undefined ? [] : [ofMetal];
  switch (code) {
    case "acknowledge":
      return ["maker-rules"];
    case "protect":
      return ["chips-in-oilway"];
    case "align":
    case "centre":
      return ["clamp"];
    case "pilot":
    case "drill":
    case "left-drill":
    case "drill-out":
      return ["eyes", "no-gloves", ...metal];
    case "tap":
      return ["tap-shards", ...metal];
    case "clean":
      return ["brush-not-fingers"];
    case "tang":
      return ["eyes"];
    case "compound":
    case "cure":
      return ["gloves-and-air"];
    case "heat":
      return ["no-heat-near-seals", ...metal];
    case "extractor":
      return ["hard-stub"];
    case "depressurise":
      return ["relieve-pressure"];
    case "tighten":
      return ["maker-rules"];
    default:
      return [];
  }
}

function step(code: StepCode, material: WorkMaterial, figures: StepFigures = {}): WorkStep {
  return { code, figures, cautions: cautionsAt(code, material), branches: BRANCHES[code] ?? [] };
}

const INSERT_STEPS =
  "test-piece align drill countersink clean tap clean gauge wind-in set-depth tang";
const BUSH_STEPS =
  "test-piece align drill countersink clean tap clean gauge compound screw-in lock face cure";

/** The steps of each kind, between what every plan begins and ends with. */
const STEPS: Readonly<Record<RepairKind, string>> = {
  "wire-insert": INSERT_STEPS,
  "solid-bush": BUSH_STEPS,
  oversize: "test-piece align drill countersink clean tap clean gauge open-mate",
  chase: "clean chase clean",
  retap: "clean chase clean",
  file: "file run-nut clean",
  die: "chase clean",
  "longer-screw": "clean",
  "through-bolt": "align drill deburr",
  "plug-and-redrill":
    "test-piece align drill tap clean screw-in lock face mark centre drill countersink tap clean",
  extract: "soak heat grip face centre left-drill extractor drill-out clean",
  reseal: "depressurise clean seal assemble leak-test",
  stud: "clean screw-in lock",
  "replace-fastener": "clean",
  "replace-part": "clean",
  "build-up": "",
};

const codesOf = (kind: RepairKind): readonly StepCode[] =>
  STEPS[kind].split(" ").filter((code): code is StepCode => STEP_CODES.some((one) => one === code));

/** How deep a drill goes, and where its flag stands. */
function drillFigures(damage: Damage, option: RepairOption): StepFigures {
  const { hole, depthMm, material } = damage;
  const { drill } = option;
  if (drill === undefined) return {};
  const through = hole === "through";
  return {
    drillMark: drill.mark,
    drillMm: drill.mm,
    depthMm,
    ...(through ? {} : { flagFromTipMm: depthMm + drillPointMm(drill.mm) }),
    rpm: spindleRpm("drill", material, drill.mm).adviceRpm,
  };
}

/** The thread that is tapped: the larger one an insert or a bush stands in, or the new one. */
function tapped(option: RepairOption): { readonly thread: Thread; readonly majorMm: Mm } {
  const { kind, thread } = option;
  if (kind === "wire-insert") return { thread, majorMm: stiSizes(thread).major };
  const bush = kind === "solid-bush" || kind === "plug-and-redrill" ? solidBush(thread) : undefined;
  const outer = bush?.outer ?? thread;
  return { thread: outer, majorMm: outer.majorMm };
}

const COUNTERSINK = 1.05;

function torqueFigures(option: RepairOption, damage: Damage): StepFigures {
  const range = tightening(damage.thread, damage.gradeId);
  const torqueRatio = option.torqueRatio ?? 1;
  if (range === undefined) return { torqueRatio };
  return {
    torqueRatio,
    leastNm: range.leastNm * torqueRatio,
    mostNm: range.mostNm * torqueRatio,
  };
}

/** The figures of a step of a repair. */
function figuresOf(
  code: StepCode,
  option: RepairOption,
  damage: Damage,
  insert: WireInsert | undefined,
): StepFigures {
  const { thread } = option;
  const cut = tapped(option);
  const last = ownedTaps(damage.tools).at(-1) ?? "bottoming";
  const fullMm = insert?.fullThreadMm ?? engagementOf(damage);
  switch (code) {
    case "drill":
      return drillFigures(damage, option);
    case "countersink":
      return {
        diameterMm: insert === undefined ? COUNTERSINK * cut.majorMm : insert.countersinkMm,
      };
    case "tap":
      return {
        thread: cut.thread.designation,
        turns: fullMm / cut.thread.pitchMm + tapLeadPitches(last),
      };
    case "chase":
    case "gauge":
    case "trial-screw":
    case "run-nut":
      return { thread: thread.designation };
    case "wind-in":
      return insert === undefined ? {} : { lengthMm: insert.installedMm, turns: insert.coils };
    case "set-depth":
      return insert === undefined
        ? {}
        : { leastMm: insert.setDownMm.least, mostMm: insert.setDownMm.most };
    case "tang":
      return insert === undefined ? {} : { depthMm: insert.screwPastTangMm };
    case "tighten":
      return torqueFigures(option, damage);
    default:
      return {};
  }
}

/**
 * The steps of a repair, in order, with their figures, cautions and branches. Torques are estimates: the maker's rules.
 * @returns none for a repair that is refused
 */
export function workPlan(option: RepairOption, damage: Damage): readonly WorkStep[] {
  if (option.verdict === "refused") return [];
  const { material, duty } = damage;
  const { kind, thread, lengthInDiameters } = option;
  const insert =
    kind === "wire-insert" && lengthInDiameters !== undefined
      ? wireInsert(thread, lengthInDiameters, "second", damage.tools)
      : undefined;
  const before: readonly StepCode[] = [
    ...(duty === "safety-critical" || duty === "pressure" ? (["acknowledge"] as const) : []),
    "lay-out",
    "protect",
    "measure",
  ];
  const after: readonly StepCode[] =
    option.kind === "reseal" ? ["record"] : ["trial-screw", "tighten", "record"];
  return [...before, ...codesOf(option.kind), ...after].map((code) =>
    step(code, material, figuresOf(code, option, damage, insert)),
  );
}

/** The steps of a new hole, by its tapping plan. */
export function tappingSteps(plan: HolePlan, request: TappingRequest): readonly WorkStep[] {
  const { material, thread } = request;
  const at = (code: StepCode, figures?: StepFigures) => step(code, material, figures);
  const blind = request.hole === "blind";
  return [
    at("lay-out"),
    at("protect"),
    at("mark"),
    at("centre"),
    at("test-piece", { thread: thread.designation }),
    at("align"),
    ...plan.pilots.map((pilot) =>
      at("pilot", {
        drillMark: pilot.mark,
        drillMm: pilot.mm,
        rpm: spindleRpm("drill", material, pilot.mm).adviceRpm,
      }),
    ),
    at("drill", {
      drillMark: plan.drill.drill.mark,
      drillMm: plan.drill.drill.mm,
      depthMm: plan.drillDepthMm,
      ...(blind ? { flagFromTipMm: plan.flagFromTipMm } : {}),
      rpm: plan.drillRpm.adviceRpm,
    }),
    at("countersink", { diameterMm: plan.countersinkMm, rpm: plan.countersinkRpm.adviceRpm }),
    at("clean"),
    ...plan.taps.map(({ turns }) => at("tap", { thread: thread.designation, turns })),
    at("clean"),
    at("gauge", { thread: thread.designation }),
    at("trial-screw", { thread: thread.designation }),
    at("tighten"),
    at("record"),
  ];
}
