import type { WorkMaterial } from "../holes";
import type { Thread } from "../../catalogue/threads";
import type { Mm } from "../../measure";

/** What is set into sheet or plastic round a thread: the hole it asks for. Practice of the trade: the maker's sheet rules. */
export interface SetPart {
  readonly holeMm: Mm;
  readonly verified: false;
}

const byDiameter =
  (rows: readonly (readonly [Mm, Mm])[]) =>
  ({ family, majorMm, series }: Thread): SetPart | undefined => {
    if (family !== "iso-metric" || series !== "coarse") return undefined;
    const holeMm = rows.find(([diameter]) => diameter === majorMm)?.[1];
    return holeMm === undefined ? undefined : { holeMm, verified: false };
  };

/** Rivet nuts with a flat head: thread, hole, mm. */
export const rivetNut = byDiameter([
  [3, 5],
  [4, 6],
  [5, 7],
  [6, 9],
  [8, 11],
  [10, 13],
  [12, 16],
]);

/** Nuts that are pressed into sheet: thread, hole, mm. */
export const clinchNut = byDiameter([
  [3, 4.25],
  [4, 5.4],
  [5, 6.4],
  [6, 8.75],
  [8, 10.5],
  [10, 14],
]);

/** Knurled brass inserts that are melted into plastic: thread, hole, mm. */
export const heatSetInsert = byDiameter([
  [2, 3.2],
  [2.5, 4],
  [3, 4],
  [4, 5.6],
  [5, 6.4],
  [6, 8],
  [8, 9.6],
]);

/** Bushes that cut their own thread on the outside, in light metal and plastic: thread, hole, mm. */
export const selfCuttingBush = byDiameter([
  [3, 4.6],
  [4, 6.1],
  [5, 7.5],
  [6, 9.2],
  [8, 11.2],
  [10, 13.2],
  [12, 15.2],
]);

/** Sheet that a rivet nut of a size grips, and the least that a pressed nut holds in: mm, practice. */
export const RIVET_NUT_SHEET: Readonly<Record<"leastMm" | "mostMm", Mm>> = {
  leastMm: 0.5,
  mostMm: 6,
};
export const LEAST_CLINCH_SHEET_MM: Mm = 0.8;

/** Metals soft enough for a pressed nut to bite. */
export const TAKES_CLINCH: ReadonlySet<WorkMaterial> = new Set([
  "mild-steel",
  "aluminium-wrought",
  "brass",
]);

/** Metals a nut is welded to in a shop. */
export const TAKES_WELD: ReadonlySet<WorkMaterial> = new Set(["mild-steel", "stainless"]);

/** What a bush cuts its own thread in. */
export const TAKES_SELF_CUTTING: ReadonlySet<WorkMaterial> = new Set([
  "aluminium-cast",
  "aluminium-wrought",
  "magnesium",
  "plastic",
]);
