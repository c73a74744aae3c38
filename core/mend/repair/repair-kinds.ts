import type { Damage, Symptom } from "./damage";

/** Ways of putting a hole, a screw or a joint right. */
export type RepairKind =
  | "chase"
  | "file"
  | "reseal"
  | "adaptor"
  | "longer-screw"
  | "retap"
  | "wire-insert"
  | "oversize"
  | "solid-bush"
  | "through-bolt"
  | "stud"
  | "replace-fastener"
  | "extract"
  | "plug-and-redrill"
  | "die"
  | "replace-part"
  | "build-up"
  | "free"
  | "free-hot"
  | "drive-in"
  | "grip-head"
  | "nut-on"
  | "head-off"
  | "tap-fingers"
  | "erode"
  | "ease-mate"
  | "new-nut"
  | "nut-behind"
  | "weld-nut"
  | "cage-nut"
  | "rivet-nut"
  | "clinch-nut"
  | "insert-again"
  | "heat-set"
  | "self-cutting-bush";

/** 1 minutes with hand tools, 2 a tap or a kit, 3 a machine or a bush, 4 a part or a shop. */
export type RepairCost = 1 | 2 | 3 | 4;

interface KindFacts {
  readonly cost: RepairCost;
  /** How far it stands back by itself: rules of this product. */
  readonly base: number;
  readonly drills: boolean;
}

const kind = (cost: RepairCost, base: number, drills = false): KindFacts => ({
  cost,
  base,
  drills,
});

export const KIND_FACTS: Readonly<Record<RepairKind, KindFacts>> = {
  chase: kind(1, 0),
  file: kind(1, 0),
  reseal: kind(1, 0),
  adaptor: kind(2, 0),
  "longer-screw": kind(1, 2),
  retap: kind(1, 3),
  "wire-insert": kind(2, 5, true),
  oversize: kind(2, 10, true),
  "solid-bush": kind(3, 12, true),
  "through-bolt": kind(2, 15, true),
  stud: kind(2, 15),
  "replace-fastener": kind(1, 8),
  extract: kind(2, 0, true),
  "plug-and-redrill": kind(3, 20, true),
  die: kind(1, 25),
  "replace-part": kind(4, 30),
  "build-up": kind(4, 40),
  free: kind(1, 0),
  "free-hot": kind(2, 2),
  "drive-in": kind(1, 0),
  "grip-head": kind(1, 2),
  "nut-on": kind(2, 6),
  "head-off": kind(2, 12, true),
  "tap-fingers": kind(1, 0),
  erode: kind(3, 10),
  "ease-mate": kind(1, 2),
  "new-nut": kind(1, 0),
  "nut-behind": kind(1, 4),
  "weld-nut": kind(3, 6),
  "cage-nut": kind(1, 0),
  "rivet-nut": kind(2, 4, true),
  "clinch-nut": kind(3, 8, true),
  "insert-again": kind(2, 0),
  "heat-set": kind(2, 2, true),
  "self-cutting-bush": kind(2, 6, true),
};

/** Kinds that end with a joint under pressure and not with a screw that is tightened. */
export const SEALS: ReadonlySet<RepairKind> = new Set(["reseal", "adaptor"]);

const HOLE_REPAIRS = [
  "chase",
  "retap",
  "longer-screw",
  "wire-insert",
  "solid-bush",
  "oversize",
  "plug-and-redrill",
  "through-bolt",
  "stud",
  "replace-part",
] as const;

const SCREW_REPAIRS = ["file", "chase", "die", "build-up", "replace-fastener"] as const;

const BY_SYMPTOM: Readonly<Record<Symptom, readonly RepairKind[]>> = {
  strips: HOLE_REPAIRS,
  "cross-threaded": HOLE_REPAIRS,
  "pulled-out": HOLE_REPAIRS,
  bruised: HOLE_REPAIRS,
  snapped: ["extract", ...HOLE_REPAIRS],
  "too-small": ["oversize", "through-bolt", "replace-part"],
  new: [],
  leaks: ["reseal", "adaptor", "replace-part"],
  seized: ["free", "free-hot", "nut-on", "head-off", "extract", "replace-part"],
  rounded: ["drive-in", "grip-head", "nut-on", "head-off", "extract", "replace-part"],
  "broken-tap": ["tap-fingers", "erode", "extract", "replace-part"],
  "off-centre": [
    "ease-mate",
    "oversize",
    "wire-insert",
    "solid-bush",
    "plug-and-redrill",
    "through-bolt",
    "replace-part",
  ],
  "nut-stripped": [
    "new-nut",
    "cage-nut",
    "weld-nut",
    "nut-behind",
    "rivet-nut",
    "wire-insert",
    "oversize",
    "replace-part",
  ],
  "insert-out": [
    "insert-again",
    "solid-bush",
    "oversize",
    "plug-and-redrill",
    "longer-screw",
    "through-bolt",
    "replace-part",
  ],
  "thin-sheet": [
    "rivet-nut",
    "nut-behind",
    "weld-nut",
    "clinch-nut",
    "through-bolt",
    "oversize",
    "replace-part",
  ],
  plastic: [
    "heat-set",
    "self-cutting-bush",
    "through-bolt",
    "wire-insert",
    "oversize",
    "replace-part",
  ],
  combustion: ["chase", "solid-bush", "wire-insert", "oversize", "replace-part"],
};

/** Screws that are got out, and not restored. */
const STUCK_SCREW: ReadonlySet<Symptom> = new Set(["seized", "rounded", "snapped", "broken-tap"]);

/** The kinds that are considered for what is wrong. A new hole is no repair: it has a tapping plan. */
export function kindsFor({ symptom, part }: Damage): readonly RepairKind[] {
  if (symptom === "leaks" || symptom === "new") return BY_SYMPTOM[symptom];
  return part === "screw" && !STUCK_SCREW.has(symptom) ? SCREW_REPAIRS : BY_SYMPTOM[symptom];
}
