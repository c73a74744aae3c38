import {
  FRACTION_DENOMINATORS,
  inchesFromMm,
  nearestFraction,
  printFigure,
  printFraction,
  printPlain,
  tpiFromPitchMm,
  type Mm,
} from "../../measure";
import type { Fact } from "./thread-figures";

function fractionWords(mm: Mm, denominator: (typeof FRACTION_DENOMINATORS)[number]): string {
  const { fraction, differenceMm } = nearestFraction(mm, denominator);
  const thou = Math.round(inchesFromMm(differenceMm) * 10_000) / 10;
  const off = thou === 0 ? "exactly" : `${Math.abs(thou)} thou ${thou > 0 ? "over" : "under"}`;
  return `${printFraction(fraction)} in, ${off}`;
}

/** A length in every way a workshop writes it. */
export function lengthConversions(mm: Mm): Fact[] {
  return [
    ["Millimetres", `${printPlain(mm, 4)} mm`],
    ["Inches", `${printFigure(mm, "in", 5)} in`],
    ["Thousandths", `${printPlain(inchesFromMm(mm) * 1000, 2)} thou`],
    ["Nearest 64th", fractionWords(mm, 64)],
    ["Nearest 32nd", fractionWords(mm, 32)],
    ["Nearest 16th", fractionWords(mm, 16)],
  ];
}

/** A pitch as pitch, as threads per inch, and as ten threads laid along a rule. */
export function pitchConversions(pitchMm: Mm): Fact[] {
  return [
    ["Pitch", `${printPlain(pitchMm, 4)} mm`],
    ["Pitch in inches", `${printFigure(pitchMm, "in", 5)} in`],
    ["Threads per inch", `${printPlain(tpiFromPitchMm(pitchMm), 3)} TPI`],
    ["Ten threads", `${printPlain(10 * pitchMm, 3)} mm`],
  ];
}
