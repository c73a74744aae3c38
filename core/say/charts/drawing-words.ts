import type { Thread } from "../../catalogue/threads";
import {
  inchesFromMm,
  nearestFraction,
  printFigure,
  printFraction,
  printLength,
  printPlain,
  tableDecimals,
  type Mm,
  type Units,
} from "../../measure";
import { ASSUMED_SCREEN } from "../common";

/** A scale that was made to fit, said to two figures: "about 17 times full size, at 96 px/in". */
export function nearScaleWords(scale: number): string {
  return `about ${Number(scale.toPrecision(2))} times full size, ${ASSUMED_SCREEN}`;
}

/** The scale on paper, which is true: "Scale 2 : 1". */
export function paperScaleWords(scale: number): string {
  return `Scale ${scale >= 1 ? `${scale} : 1` : `1 : ${printPlain(1 / scale, 2)}`}`;
}

/** A fraction of an inch is meant where a size is no further from one than this, mm. */
const SAME_MM = 0.005;

/** A size as its trade names it, on no more figures than it has: "40 mm", "2-1/4 in", "0.19 in". */
function nominalWords(mm: Mm, own: Units): string {
  if (own === "mm") return `${printPlain(mm, 2)} mm`;
  const { fraction, differenceMm } = nearestFraction(mm);
  return Math.abs(differenceMm) < SAME_MM
    ? `${printFraction(fraction).replace(" ", "-")} in`
    : `${printPlain(inchesFromMm(mm), 4)} in`;
}

/**
 * A nominal size on a drawing: "40 mm", "Ø 1/2 in".
 * @param own the unit that the part goes by, whatever the unit of the screen
 */
export function dimensionWords(mm: Mm, isDiameter: boolean, own: Units): string {
  const length = nominalWords(mm, own);
  return isDiameter ? `Ø ${length}` : length;
}

/** A diameter of a form by its name: "major Ø 10.000". */
export function diameterLabel(name: string, mm: Mm, units: Units): string {
  return `${name} Ø ${printFigure(mm, units, tableDecimals(units))}`;
}

export function tenThreadsWords({ designation }: Thread): string {
  return `${designation}, ten threads`;
}

/** How far ten threads of one have parted from ten of another. */
export function driftWords(driftMm: Mm, units: Units): string {
  return driftMm === 0
    ? "Ten threads of each are the same length"
    : `Over ten threads they part by ${printLength(driftMm, units)}`;
}

/** The light to be seen between a leaf and a thread: "light up to 0.12 mm over 7 threads". */
export function leafLightWords(lightMm: Mm, threadsEngaged: number, units: Units): string {
  return lightMm === 0
    ? "no light"
    : `light up to ${printLength(lightMm, units)} over ${threadsEngaged} threads`;
}
