import { stressArea } from "../../decide/joints";
import { classNameWords, sizeRangeWords } from "./size-words";
import {
  basicSizes,
  limits,
  toleranceClasses,
  type SizeRange,
  type Thread,
  type ThreadSide,
} from "../../catalogue/threads";
import { printFigure, printLength, tableDecimals, type Units } from "../../measure";
import { angleWords, areaWords, pitchWords } from "../common";

/** A name with its figure. */
export type Fact = readonly [name: string, figure: string];

/** Families whose bolts are loaded in tension, so that a stress area means something. */
const IN_TENSION = new Set(["iso-metric", "unified", "whitworth", "ba", "cycle"]);

/** The basic figures of a thread, in the units asked for. */
export function basicFacts(thread: Thread, units: Units): Fact[] {
  const { major, pitch, minor } = basicSizes(thread);
  const decimals = tableDecimals(units);
  return [
    ["Major diameter, basic", printLength(major, units, decimals)],
    ["Pitch diameter, basic", printLength(pitch, units, decimals)],
    ["Minor diameter, basic", printLength(minor, units, decimals)],
    ["Pitch", `${pitchWords(thread.pitchMm, "mm")} · ${pitchWords(thread.pitchMm, "in")}`],
    ["Flank angle", angleWords(thread.flankAngleDeg)],
    ...(IN_TENSION.has(thread.family)
      ? [["Tensile stress area", areaWords(stressArea(thread), units)] as const]
      : []),
    ["Standard", thread.standard],
  ];
}

/** The heads of the limits table. */
export function limitHeads(units: Units): readonly string[] {
  return ["Class", "Major", "Pitch Ø", "Minor"].map((head, i) =>
    i === 0 ? head : `${head}, ${units}`,
  );
}

/** One class of one side: its name, and for major, pitch and minor diameter the upper and the lower limit. */
export interface LimitRow {
  readonly name: string;
  readonly limits: readonly (readonly [upper: string, lower: string])[];
}

function endsOf({ min, max }: SizeRange, units: Units): readonly [upper: string, lower: string] {
  const end = (mm: number | undefined) =>
    mm === undefined ? "free" : printFigure(mm, units, tableDecimals(units));
  return [end(max), end(min)];
}

/** Limits of every class of one side, a row each; an estimate carries a star. */
export function limitRows(thread: Thread, side: ThreadSide, units: Units): readonly LimitRow[] {
  return toleranceClasses(thread, side).map((toleranceClass) => {
    const { major, pitch, minor, verified } = limits(thread, side, toleranceClass);
    return {
      name: `${classNameWords(toleranceClass)}${verified ? "" : "*"}`,
      limits: [major, pitch, minor].map((range) => endsOf(range, units)),
    };
  });
}

/** The same row as cells of text: "6g", "9.732–9.968"... */
export function limitCells({ name, limits: ends }: LimitRow): readonly string[] {
  return [name, ...ends.map(([upper, lower]) => `${lower}–${upper}`)];
}

/** Whether any class of the thread is an estimate. */
export function hasEstimates(thread: Thread): boolean {
  return (["external", "internal"] as const).some((side) =>
    toleranceClasses(thread, side).some(
      (toleranceClass) => !limits(thread, side, toleranceClass).verified,
    ),
  );
}

/** The sizes of a thread as its table has them, in its usual class. */
export function tableFacts(thread: Thread, units: Units): Fact[] {
  const { toleranceClass, major, pitch, minor } = limits(thread, thread.only ?? "external");
  return [
    ["Major diameter, basic", printLength(basicSizes(thread).major, units, tableDecimals(units))],
    [`Major diameter, ${toleranceClass}`, sizeRangeWords(major, units)],
    [`Pitch diameter, ${toleranceClass}`, sizeRangeWords(pitch, units)],
    [`Minor diameter, ${toleranceClass}`, sizeRangeWords(minor, units)],
    ["Pitch", pitchWords(thread.pitchMm, units)],
    ["Flank angle", angleWords(thread.flankAngleDeg)],
    ["Tensile stress area", areaWords(stressArea(thread), units)],
    ["Standard", thread.standard],
  ];
}
