import { isPipeThread } from "../../catalogue/threads";
import type { Damage } from "./damage";
import { SEALS, type RepairKind } from "./repair-kinds";
import type { RepairOption } from "./repair-options";
import type { StepCode } from "./steps";

const CUT = [
  "test-piece",
  "align",
  "drill",
  "countersink",
  "clean",
  "tap",
  "clean",
  "gauge",
] as const;

/** The steps of each kind, between what every plan begins and ends with. */
const STEP_SEQUENCES: Readonly<Record<RepairKind, readonly StepCode[]>> = {
  "wire-insert": [...CUT, "wind-in", "set-depth", "tang"],
  "insert-again": ["coil-out", "clean", "gauge", "wind-in", "set-depth", "tang"],
  "solid-bush": [...CUT, "compound", "screw-in", "lock", "cure", "face"],
  oversize: [...CUT, "open-mate"],
  chase: ["clean", "chase", "clean"],
  retap: ["clean", "chase", "clean"],
  file: ["file", "run-nut", "clean"],
  die: ["chase", "clean"],
  "longer-screw": ["clean", "pick-length"],
  "through-bolt": ["align", "drill", "deburr"],
  "plug-and-redrill": [
    "test-piece",
    "align",
    "drill",
    "countersink",
    "clean",
    "tap",
    "clean",
    "screw-in",
    "lock",
    "face",
    "mark",
    "centre",
    "drill",
    "countersink",
    "clean",
    "tap",
    "clean",
    "gauge",
  ],
  extract: [
    "which-way",
    "soak",
    "heat",
    "grip",
    "face",
    "centre",
    "left-drill",
    "extractor",
    "drill-out",
    "clean",
  ],
  free: ["which-way", "soak", "shock", "turn-out", "clean"],
  "free-hot": ["which-way", "soak", "heat", "turn-out", "clean"],
  "drive-in": ["clean", "drive-in", "turn-out", "clean"],
  "grip-head": ["soak", "grip", "turn-out", "clean"],
  "nut-on": ["nut-on", "turn-out", "clean"],
  "head-off": ["centre", "head-off", "grip", "turn-out", "clean"],
  "tap-fingers": ["clean", "tap-fingers", "clean"],
  erode: ["align", "erode", "clean", "chase", "clean"],
  "ease-mate": ["open-mate"],
  "new-nut": ["cut-nut", "fit-nut"],
  "cage-nut": ["fit-nut"],
  "nut-behind": ["drill", "deburr", "fit-nut"],
  "weld-nut": ["cut-nut", "face", "weld"],
  "rivet-nut": ["cut-nut", "drill", "deburr", "set-rivet-nut"],
  "clinch-nut": ["drill", "deburr", "press-in"],
  "heat-set": ["drill", "clean", "melt-in"],
  "self-cutting-bush": ["drill", "countersink", "clean", "drive-bush"],
  reseal: ["depressurise", "take-out", "clean", "seal", "assemble", "leak-test"],
  adaptor: ["depressurise", "take-out", "clean", "seal", "assemble", "leak-test"],
  stud: ["clean", "screw-in", "lock"],
  "replace-fastener": ["clean"],
  "replace-part": ["clean"],
  "build-up": [],
};

/** What of a sequence is done another way, or not at all, on this damage. */
function asHere(code: StepCode, damage: Damage): readonly StepCode[] {
  const { purpose, symptom, thread, noFlame = false, behind = false } = damage;
  const plugs = purpose === "plug" && symptom === "too-small";
  switch (code) {
    case "open-mate":
      if (plugs) return ["shorten"];
      return purpose === "plug" || isPipeThread(thread) ? [] : [code];
    case "left-drill":
      // A left-hand stump is wound in by a left-hand drill: the common one walks it out.
      return [thread.hand === "left" ? "right-drill" : code];
    case "cut-nut":
      return symptom === "nut-stripped" ? [code] : [];
    case "heat":
      return noFlame || behind ? [] : [code];
    default:
      return [code];
  }
}

/** What a repair ends with, by what the hole holds. */
function endOf(kind: RepairKind, damage: Damage): readonly StepCode[] {
  const { purpose, symptom, thread, behind = false, space } = damage;
  if (SEALS.has(kind)) return ["record"];
  if (isPipeThread(thread)) return ["trial-screw", "seal", "assemble", "leak-test", "record"];
  const bore: readonly StepCode[] = space === undefined ? [] : ["clear-bore"];
  if (purpose === "plug" && symptom === "too-small") {
    return ["trial-screw", "screw-in", ...(behind ? (["leak-test"] as const) : []), "record"];
  }
  const tests = purpose === "plug" || space !== undefined;
  return [...bore, "trial-screw", "tighten", ...(tests ? (["leak-test"] as const) : []), "record"];
}

/** The steps of a repair, in order. */
export function stepCodes(
  { kind, cut }: Pick<RepairOption, "kind" | "cut">,
  damage: Damage,
): readonly StepCode[] {
  const { duty, part, space } = damage;
  const grave = duty === "safety-critical" || duty === "pressure";
  return [
    ...(grave ? (["acknowledge"] as const) : []),
    "lay-out",
    ...(cut?.asks === undefined ? [] : (["ask-floor"] as const)),
    ...(part === "screw" || SEALS.has(kind) ? [] : (["protect"] as const)),
    ...(space === undefined ? [] : (["guard-bore"] as const)),
    "measure",
    ...STEP_SEQUENCES[kind].flatMap((code) => asHere(code, damage)),
    ...endOf(kind, damage),
  ];
}
