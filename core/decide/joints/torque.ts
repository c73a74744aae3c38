import { bandAt, servingStressMpa, type Grade } from "../../catalogue/grades";
import { type Thread } from "../../catalogue/threads";
import type { TighteningSurface } from "../../catalogue/circumstances";
import { stressArea } from "./stress-area";

/** Nut factor K of T = K D F, as a range: what friction leaves open. Stainless is not tightened dry: waxed or pasted. */
const NUT_FACTORS: Readonly<Record<TighteningSurface, readonly [least: number, most: number]>> = {
  "dry-plain": [0.18, 0.22],
  "dry-zinc": [0.2, 0.22],
  oiled: [0.15, 0.17],
  "anti-seize": [0.12, 0.14],
  stainless: [0.16, 0.24],
};

/** Share of proof load that a reusable joint is tightened to. */
const PRELOAD_SHARE = 0.75;

/** An estimate of tightening torque, newton metres, with what it rests on. */
export interface TorqueRange {
  readonly leastNm: number;
  readonly mostNm: number;
  readonly preloadN: number;
  readonly share: number;
  readonly nutFactor: readonly [least: number, most: number];
  readonly surface: TighteningSurface;
}

/**
 * T = K D F, F a share of proof load (of yield where the class has no proof load).
 * @returns undefined where the class has neither, or is not made in this size
 */
export function torqueRange(
  thread: Thread,
  grade: Grade,
  surface: TighteningSurface,
  share = PRELOAD_SHARE,
): TorqueRange | undefined {
  const band = bandAt(grade, thread.majorMm);
  const serving = band === undefined ? undefined : servingStressMpa(band);
  if (serving === undefined) return undefined;
  const preloadN = share * serving * stressArea(thread);
  const nutFactor = NUT_FACTORS[surface];
  const torque = (k: number) => (k * thread.majorMm * preloadN) / 1000;
  return {
    leastNm: torque(nutFactor[0]),
    mostNm: torque(nutFactor[1]),
    preloadN,
    share,
    nutFactor,
    surface,
  };
}
