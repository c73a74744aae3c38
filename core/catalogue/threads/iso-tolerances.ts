import type { Mm } from "../../measure";
import { r40 } from "./preferred-numbers";

/**
 * Tolerances and fundamental deviations of ISO 965-1:2013 in millimetres. A grade is a whole number of R40 steps
 * from grade 6; the tabled values that differ from formula and steps are named here, and the table rules.
 */

/** Diameter steps of ISO 965-1; d in the formulas is the geometric mean of the step's ends. */
const DIAMETER_STEPS = [0.99, 1.4, 2.8, 5.6, 11.2, 22.4, 45, 90, 180] as const;

/** R40 steps of each tolerance grade from grade 6 (x0.5, 0.63, 0.8, 1, 1.25, 1.6, 2). */
const GRADE_STEPS: Readonly<Record<number, number>> = {
  3: -12,
  4: -8,
  5: -4,
  6: 0,
  7: 4,
  8: 8,
  9: 12,
};

/** TD2 of a grade is Td2 five steps up (x1.32) and over; grade 5 is one step from Td2(6), not four below grade 6. */
const INTERNAL_PITCH_STEPS: Readonly<Record<number, number>> = { 4: -3, 5: 1, 6: 5, 7: 9, 8: 13 };

const TD_TABLED: Readonly<Record<string, number>> = { "0.75": 140, "4": 475 };
const TD1_TABLED: Readonly<Record<string, number>> = { "0.5": 140, "2.5": 450 };
const TD2_TABLED: Readonly<Record<string, number>> = { "5.6/0.5": 75, "90/5": 250 };

export type DeviationPosition = "e" | "f" | "g" | "h" | "G" | "H";

const E_TABLED: Readonly<Record<string, number>> = {
  "0.5": 50,
  "0.6": 53,
  "0.7": 56,
  "0.75": 56,
};

/** The table follows neither the formula nor R40 for f, so it stands whole. */
const F_TABLED: Readonly<Record<string, number>> = {
  "0.3": 32,
  "0.35": 34,
  "0.4": 34,
  "0.45": 35,
  "0.5": 36,
  "0.6": 36,
  "0.7": 38,
  "0.75": 38,
  "0.8": 38,
  "1": 40,
  "1.25": 42,
  "1.5": 45,
  "1.75": 48,
  "2": 52,
  "2.5": 58,
  "3": 63,
  "3.5": 70,
  "4": 75,
  "4.5": 80,
  "5": 85,
  "5.5": 90,
  "6": 95,
};

const G_TABLED: Readonly<Record<string, number>> = {
  "0.5": 20,
  "0.6": 21,
  "0.7": 22,
  "0.75": 22,
  "1.25": 28,
  "2": 38,
  "2.5": 42,
  "3.5": 53,
  "4": 60,
  "4.5": 63,
  "5": 71,
  "5.5": 75,
  "6": 80,
};

const mm = (micrometres: number): Mm => Math.round(micrometres) / 1000;

const stepsOf = (table: Readonly<Record<number, number>>, grade: number): number => {
  const steps = table[grade];
  if (steps === undefined) throw new RangeError(`no tolerance grade ${grade}`);
  return steps;
};

/** Td: tolerance of the external major diameter, grades 4, 6, 8. */
export function externalMajorTolerance(pitch: Mm, grade: number): Mm {
  const grade6 = TD_TABLED[String(pitch)] ?? 180 * pitch ** (2 / 3) - 3.15 / Math.sqrt(pitch);
  return mm(r40(grade6, stepsOf(GRADE_STEPS, grade)));
}

/** Td2(6) in micrometres, the value every pitch-diameter tolerance is stepped from. */
function pitchToleranceBase(major: Mm, pitch: Mm): number {
  const at = DIAMETER_STEPS.findIndex((end, i) => i > 0 && major <= end);
  const lower = DIAMETER_STEPS[at - 1];
  const upper = DIAMETER_STEPS[at];
  if (lower === undefined || upper === undefined) {
    throw new RangeError(`no diameter step of ISO 965-1 holds ${major} mm`);
  }
  const tabled = TD2_TABLED[`${upper}/${pitch}`];
  return tabled ?? r40(90 * pitch ** 0.4 * Math.sqrt(lower * upper) ** 0.1);
}

/** Td2: tolerance of the external pitch diameter, grades 3 to 9. */
export function externalPitchTolerance(major: Mm, pitch: Mm, grade: number): Mm {
  return mm(r40(pitchToleranceBase(major, pitch), stepsOf(GRADE_STEPS, grade)));
}

/** TD2: tolerance of the internal pitch diameter, grades 4 to 8. */
export function internalPitchTolerance(major: Mm, pitch: Mm, grade: number): Mm {
  return mm(r40(pitchToleranceBase(major, pitch), stepsOf(INTERNAL_PITCH_STEPS, grade)));
}

/** TD1: tolerance of the internal minor diameter, grades 4 to 8. */
export function internalMinorTolerance(pitch: Mm, grade: number): Mm {
  const formula = pitch >= 1 ? 230 * pitch ** 0.7 : 433 * pitch - 190 * pitch ** 1.22;
  return mm(r40(TD1_TABLED[String(pitch)] ?? formula, stepsOf(GRADE_STEPS, grade)));
}

/**
 * The distance of a tolerance position from the basic size: es below it for e, f, g, EI above it for G.
 * Undefined where ISO 965-1 tables none: e under 0.5 mm pitch, f under 0.3 mm.
 */
export function fundamentalDeviation(pitch: Mm, position: DeviationPosition): Mm | undefined {
  const key = String(pitch);
  switch (position) {
    case "h":
    case "H":
      return 0;
    case "g":
    case "G":
      return mm(G_TABLED[key] ?? 15 + 11 * pitch);
    case "f": {
      const tabled = F_TABLED[key];
      return tabled === undefined ? undefined : mm(tabled);
    }
    case "e":
      return pitch < 0.5 ? undefined : mm(E_TABLED[key] ?? r40(50 + 11 * pitch));
  }
}
