import type { LeafMark } from "../../identify/weigh";
import { MM_PER_INCH, printPlain, type Mm, type Units } from "../../measure";

/** A pitch in the units asked for: "1.954 mm" or "13 TPI" (two decimals at the most). */
export function pitchWords(pitchMm: Mm, units: Units): string {
  return units === "mm"
    ? `${printPlain(pitchMm)} mm`
    : `${printPlain(MM_PER_INCH / pitchMm, 2)} TPI`;
}

/** What the leaf is stamped with; a mark, so it does not change with the units. */
export function leafWords(leaf: LeafMark): string {
  return "tpi" in leaf ? `${printPlain(leaf.tpi)} TPI` : `${printPlain(leaf.pitchMm)} mm`;
}

/** A share as a whole percentage; what is neither nothing nor everything never reads as such. */
export function percentWords(probability: number): string {
  const percent = Math.round(probability * 100);
  if (percent === 0 && probability > 0) return "under 1 %";
  if (percent === 100 && probability < 1) return "over 99 %";
  return `${percent} %`;
}

/** A taper under this, on the diameter, was measured as none: what a caliper is out by over a few turns. */
const NO_TAPER = 0.004;

/** A measured taper, on the diameter: "1 in 16"; undefined where there is none to speak of. */
export function taperFigure(taper: number): string | undefined {
  return taper < NO_TAPER ? undefined : `1 in ${printPlain(1 / taper, 0)}`;
}

/** Turns under which nobody would say that it had started. */
export const AT_ONCE_TURNS = 0.75;

/** "at once", "after about a turn", "after about 4 turns". */
export function turnsWords(turns: number): string {
  if (turns < AT_ONCE_TURNS) return "at once";
  if (turns < 1.5) return "after about a turn";
  return `after about ${Math.round(turns)} turns`;
}
