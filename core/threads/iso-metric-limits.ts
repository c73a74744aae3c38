import type { Mm } from "../units";
import { assertClassHeld } from "./held-class";
import { r40 } from "./preferred-numbers";
import { roundTo } from "./rounding";
import type { Thread, ThreadLimits, ThreadSide } from "./thread";

/** Classes held so far: ISO 965-1 medium quality, the 5H/6h pair being its rule up to M1.4. */
const ISO_CLASSES = { external: ["6g", "6h"], internal: ["6H", "5H"] } as const;

/** Basic sizes by ISO 724, rounded to the micrometre as its table is. */
export function isoBasicSizes(thread: Thread): { major: Mm; pitch: Mm; minor: Mm } {
  return {
    major: thread.majorMm,
    pitch: roundTo(thread.majorMm - 0.649519 * thread.pitchMm, 3),
    minor: roundTo(thread.majorMm - 1.082532 * thread.pitchMm, 3),
  };
}

/** ISO 965-1 prescribes 5H and 6h for M1.4 and smaller, 6H and 6g above. */
function isoDefaultClass(thread: Thread, side: ThreadSide): string {
  const small = thread.majorMm <= 1.4;
  if (side === "external") return small ? "6h" : "6g";
  return small ? "5H" : "6H";
}

/** Diameter steps of ISO 965-1; d in the formulas is the geometric mean of the step's ends. */
const DIAMETER_STEPS = [0.99, 1.4, 2.8, 5.6, 11.2, 22.4, 45, 90] as const;

function stepMean(majorMm: Mm): Mm {
  const upper = DIAMETER_STEPS.findIndex((end, i) => i > 0 && majorMm <= end);
  return Math.sqrt((DIAMETER_STEPS[upper - 1] ?? 1) * (DIAMETER_STEPS[upper] ?? 1));
}

/** The tabled values of ISO 965-1:2013 that differ from formula and R40, in micrometres. The table rules. */
const TD_TABLED: Readonly<Record<string, number>> = { "0.75": 140, "4": 475 };
const TD1_TABLED: Readonly<Record<string, number>> = { "0.5": 140, "2.5": 450 };
const TD2_TABLED: Readonly<Record<string, number>> = { "5.6/0.5": 75, "90/5": 250 };
const ES_G_TABLED: Readonly<Record<string, number>> = {
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

function majorTolerance(pitch: Mm): number {
  return TD_TABLED[String(pitch)] ?? r40(180 * pitch ** (2 / 3) - 3.15 / Math.sqrt(pitch));
}

/** Td2(6), the value every pitch-diameter tolerance is stepped from. */
function pitchToleranceBase(thread: Thread): number {
  const stepEnd = DIAMETER_STEPS.find((end, i) => i > 0 && thread.majorMm <= end);
  const tabled = TD2_TABLED[`${stepEnd}/${thread.pitchMm}`];
  return tabled ?? r40(90 * thread.pitchMm ** 0.4 * stepMean(thread.majorMm) ** 0.1);
}

function internalMinorTolerance(pitch: Mm, grade: "5" | "6"): number {
  const formula = pitch >= 1 ? 230 * pitch ** 0.7 : 433 * pitch - 190 * pitch ** 1.22;
  const grade6 = TD1_TABLED[String(pitch)] ?? formula;
  return r40(grade6, grade === "6" ? 0 : -4);
}

function allowance(pitch: Mm, position: "g" | "h"): number {
  if (position === "h") return 0;
  return ES_G_TABLED[String(pitch)] ?? Math.round(15 + 11 * pitch);
}

const micrometres = (um: number): Mm => um / 1000;
const r3 = (mm: Mm): Mm => roundTo(mm, 3);

/**
 * Limits of size of an ISO metric thread, in millimetres, by ISO 965-1 (formulas of clauses 5 to 13).
 * External minor: d3 at the deepest root (maximum) and at the smallest root radius 0.125 P (minimum).
 * @throws RangeError when the class is not one of `ISO_CLASSES`
 */
export function isoMetricLimits(
  thread: Thread,
  side: ThreadSide,
  toleranceClass = isoDefaultClass(thread, side),
): ThreadLimits {
  assertClassHeld(thread, side, toleranceClass, ISO_CLASSES[side]);
  return side === "external"
    ? externalLimits(thread, toleranceClass, toleranceClass === "6g" ? "g" : "h")
    : internalLimits(thread, toleranceClass, toleranceClass === "6H" ? "6" : "5");
}

function externalLimits(thread: Thread, toleranceClass: string, position: "g" | "h"): ThreadLimits {
  const basic = isoBasicSizes(thread);
  const pitch = thread.pitchMm;
  const es = micrometres(allowance(pitch, position));
  const tolerance2 = micrometres(Math.round(pitchToleranceBase(thread)));
  const majorMax = r3(basic.major - es);
  const pitchMax = r3(basic.pitch - es);
  const pitchMin = r3(pitchMax - tolerance2);
  return {
    toleranceClass,
    major: { min: r3(majorMax - micrometres(majorTolerance(pitch))), max: majorMax },
    pitch: { min: pitchMin, max: pitchMax },
    minor: { min: r3(pitchMin - 0.616025 * pitch), max: r3(pitchMax - 0.57735 * pitch) },
  };
}

function internalLimits(thread: Thread, toleranceClass: string, grade: "5" | "6"): ThreadLimits {
  const basic = isoBasicSizes(thread);
  // TD2(6) = 1.32 Td2(6) and TD2(5) = 1.06 Td2(6): five steps of R40 and one.
  const tolerance2 = micrometres(
    Math.round(r40(pitchToleranceBase(thread), grade === "6" ? 5 : 1)),
  );
  const tolerance1 = micrometres(Math.round(internalMinorTolerance(thread.pitchMm, grade)));
  return {
    toleranceClass,
    major: { min: basic.major },
    pitch: { min: basic.pitch, max: r3(basic.pitch + tolerance2) },
    minor: { min: basic.minor, max: r3(basic.minor + tolerance1) },
  };
}
