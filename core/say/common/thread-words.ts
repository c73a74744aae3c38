import type { ThreadFamily } from "../../catalogue/threads";
import { MM_PER_INCH, printPlain, type Units } from "../../measure";

export const FAMILY_WORDS: Readonly<Record<ThreadFamily, string>> = {
  "iso-metric": "ISO metric",
  unified: "Unified inch",
  whitworth: "Whitworth",
  ba: "British Association",
  cycle: "Cycle",
  "pipe-parallel": "Pipe, parallel",
  "pipe-taper": "Pipe, taper",
  npt: "American pipe",
  trapezoidal: "Trapezoidal",
  acme: "Acme",
  square: "Square",
  conduit: "Conduit",
  hose: "Hose",
  "gas-cylinder": "Gas cylinder",
  "insert-tapped": "Tapped for inserts",
};

/** The same as it stands before "threads" and "parts" in a sentence. */
export const FAMILY_SPOKEN: Readonly<Record<ThreadFamily, string>> = {
  ...FAMILY_WORDS,
  "pipe-parallel": "Parallel pipe",
  "pipe-taper": "Taper pipe",
  "insert-tapped": "Insert-tapped",
};

/** An area: "58 mm²" or "0.0899 in²". */
export function areaWords(mm2: number, units: Units): string {
  return units === "mm"
    ? `${printPlain(mm2, 1)} mm²`
    : `${printPlain(mm2 / MM_PER_INCH ** 2, 4)} in²`;
}

/** What a flank angle is called: "60°", or "square" for none. */
export function angleWords(flankAngleDeg: number): string {
  return flankAngleDeg === 0 ? "square" : `${printPlain(flankAngleDeg)}°`;
}
