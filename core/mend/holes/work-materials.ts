import { HOLE_MATERIALS, type HoleMaterial } from "../../decide/joints";

/** What a hole is worked in: finer than what a thread strips in, as one drills stainless and mild steel differently. */
export const WORK_MATERIAL_KINDS = [
  "mild-steel",
  "medium-steel",
  "alloy-steel",
  "stainless",
  "grey-iron",
  "ductile-iron",
  "aluminium-wrought",
  "aluminium-cast",
  "brass",
  "bronze",
  "magnesium",
  "plastic",
] as const;

export type WorkMaterial = (typeof WORK_MATERIAL_KINDS)[number];

/** What stands on the tap and the drill. `words` names it. */
export type Lubricant =
  | "sulphurised-oil"
  | "heavy-compound"
  | "dry-or-paraffin"
  | "light-oil"
  | "paraffin"
  | "dry-or-drop"
  | "dry-never-water"
  | "dry-or-soap";

/** Least, advised and most. */
type Span = readonly [least: number, advice: number, most: number];

/** Ordinary metal of its kind: practice and typical least values, so estimates. The drawing knows better. */
export interface WorkMaterialFacts {
  readonly countsAs: HoleMaterial;
  readonly tensileMpa: number;
  /** Share of tensile strength that its threads hold in shear. */
  readonly shearShare: number;
  /** Wall left outside the widest cut, as a share of the thread's major diameter, under which it is thin, and refused. */
  readonly wallThin: number;
  readonly wallRefuse: number;
  /** Percent of thread to be reached. */
  readonly percent: number;
  /** Cutting speeds of high-speed steel, m/min. */
  readonly drillSpeed: Span;
  readonly tapSpeed: Span;
  /** Cutting pressure in tapping, MPa. */
  readonly cuttingMpa: number;
  readonly lubricant: Lubricant;
  /** Chips that break by themselves: a hand tap is not turned back for them. */
  readonly shortChips: boolean;
  readonly verified: false;
}

interface Row {
  readonly counts: HoleMaterial;
  /** Tensile strength and share in shear, where the metal is another than the one it counts as. */
  readonly strength?: readonly [tensileMpa: number, shearShare: number];
  readonly wall: readonly [thin: number, refuse: number];
  readonly percent: number;
  readonly drill: Span;
  readonly tap: Span;
  readonly cutting: number;
  readonly on: Lubricant;
  readonly short?: boolean;
}

function facts(row: Row): WorkMaterialFacts {
  const held = HOLE_MATERIALS[row.counts];
  const [tensileMpa, shearShare] = row.strength ?? [held.tensileMpa, held.shearShare];
  return {
    countsAs: row.counts,
    tensileMpa,
    shearShare,
    wallThin: row.wall[0],
    wallRefuse: row.wall[1],
    percent: row.percent,
    drillSpeed: row.drill,
    tapSpeed: row.tap,
    cuttingMpa: row.cutting,
    lubricant: row.on,
    shortChips: row.short ?? false,
    verified: false,
  };
}

/**
 * Typical least strengths of common grades; walls are rules of this product, checked by hoop stress; percents, speeds
 * and lubricants are workshop practice for high-speed steel; cutting pressures are estimates.
 */
export const WORK_MATERIALS: Readonly<Record<WorkMaterial, WorkMaterialFacts>> = {
  "mild-steel": facts({
    counts: "steel",
    wall: [0.3, 0.15],
    percent: 70,
    drill: [24, 28, 35],
    tap: [8, 12, 15],
    cutting: 2000,
    on: "sulphurised-oil",
  }),
  "medium-steel": facts({
    counts: "steel",
    strength: [580, 0.6],
    wall: [0.3, 0.15],
    percent: 65,
    drill: [18, 21, 27],
    tap: [6, 8, 10],
    cutting: 2300,
    on: "sulphurised-oil",
  }),
  "alloy-steel": facts({
    counts: "steel",
    strength: [700, 0.6],
    wall: [0.3, 0.15],
    percent: 60,
    drill: [9, 12, 18],
    tap: [3, 5, 7],
    cutting: 2700,
    on: "heavy-compound",
  }),
  stainless: facts({
    counts: "steel",
    strength: [500, 0.6],
    wall: [0.3, 0.15],
    percent: 60,
    drill: [8, 11, 16],
    tap: [3, 4, 6],
    cutting: 2500,
    on: "heavy-compound",
  }),
  "grey-iron": facts({
    counts: "cast-iron",
    wall: [0.5, 0.25],
    percent: 70,
    drill: [18, 24, 33],
    tap: [7, 10, 15],
    cutting: 1400,
    on: "dry-or-paraffin",
    short: true,
  }),
  "ductile-iron": facts({
    counts: "cast-iron",
    strength: [400, 0.9],
    wall: [0.4, 0.2],
    percent: 65,
    drill: [14, 19, 26],
    tap: [5, 8, 12],
    cutting: 1700,
    on: "light-oil",
  }),
  "aluminium-wrought": facts({
    counts: "aluminium-wrought",
    wall: [0.5, 0.25],
    percent: 75,
    drill: [50, 70, 100],
    tap: [12, 18, 30],
    cutting: 700,
    on: "paraffin",
  }),
  "aluminium-cast": facts({
    counts: "aluminium-cast",
    wall: [0.5, 0.25],
    percent: 75,
    drill: [40, 55, 80],
    tap: [10, 15, 25],
    cutting: 650,
    on: "paraffin",
  }),
  brass: facts({
    counts: "brass",
    wall: [0.4, 0.2],
    percent: 70,
    drill: [45, 60, 90],
    tap: [12, 18, 30],
    cutting: 750,
    on: "dry-or-drop",
    short: true,
  }),
  bronze: facts({
    counts: "brass",
    strength: [250, 0.6],
    wall: [0.4, 0.2],
    percent: 65,
    drill: [18, 25, 40],
    tap: [6, 9, 14],
    cutting: 1200,
    on: "light-oil",
  }),
  magnesium: facts({
    counts: "magnesium",
    wall: [0.5, 0.25],
    percent: 75,
    drill: [60, 80, 120],
    tap: [15, 20, 30],
    cutting: 400,
    on: "dry-never-water",
  }),
  plastic: facts({
    counts: "plastic",
    wall: [1, 0.5],
    percent: 70,
    drill: [25, 40, 60],
    tap: [6, 10, 18],
    cutting: 200,
    on: "dry-or-soap",
  }),
};
