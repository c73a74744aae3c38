import type { RepairKind } from "./repair-kinds";
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
export const STEP_SEQUENCES: Readonly<Record<RepairKind, readonly StepCode[]>> = {
  "wire-insert": [...CUT, "wind-in", "set-depth", "tang"],
  "solid-bush": [...CUT, "compound", "screw-in", "lock", "face", "cure"],
  oversize: [...CUT, "open-mate"],
  chase: ["clean", "chase", "clean"],
  retap: ["clean", "chase", "clean"],
  file: ["file", "run-nut", "clean"],
  die: ["chase", "clean"],
  "longer-screw": ["clean"],
  "through-bolt": ["align", "drill", "deburr"],
  "plug-and-redrill": [
    "test-piece",
    "align",
    "drill",
    "tap",
    "clean",
    "screw-in",
    "lock",
    "face",
    "mark",
    "centre",
    "drill",
    "countersink",
    "tap",
    "clean",
  ],
  extract: [
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
  reseal: ["depressurise", "take-out", "clean", "seal", "assemble", "leak-test"],
  adaptor: ["depressurise", "take-out", "clean", "seal", "assemble", "leak-test"],
  stud: ["clean", "screw-in", "lock"],
  "replace-fastener": ["clean"],
  "replace-part": ["clean"],
  "build-up": [],
};

/** Kinds that end with a joint under pressure and not with a screw that is tightened. */
export const SEALS: ReadonlySet<RepairKind> = new Set(["reseal", "adaptor"]);
