import { isCalloutProblem, parseCallout, type FastenerSpec } from "@root-gauge/core/callout";

/** What the counter says of a part. */
export interface Offer {
  readonly availability: "in stock" | "none in stock" | "not listed";
  readonly unitsPerPack: number;
  readonly pricePerPack: number;
  readonly leadTimeDays: number;
}

const NOT_LISTED: Offer = {
  availability: "not listed",
  unitsPerPack: 1,
  pricePerPack: 0,
  leadTimeDays: 0,
};

/** Lengths on the shelf, mm and thousandths of an inch. */
const METRIC_LENGTHS = [6, 8, 10, 12, 16, 20, 25, 30, 35, 40, 45, 50, 60, 70, 80, 100];
const INCH_LENGTHS = [250, 375, 500, 625, 750, 875, 1000, 1250, 1500, 1750, 2000, 2500, 3000];

/** Series of which there is a shelf, and those that are sent for. */
const ON_SHELF = ["coarse", "UNC", "UNF"];
const SENT_FOR = ["fine", "BSW", "BSF", "BA"];

/** Grades and classes that lie there. */
const GRADES = ["8.8", "10.9", "12.9", "sae-5", "sae-8", "A2-70"];

function isLengthKept(lengthMm: number | undefined, inch: boolean): boolean {
  if (lengthMm === undefined) return true;
  return inch
    ? INCH_LENGTHS.some((thousandths) => Math.abs(lengthMm - thousandths * 0.0254) < 0.05)
    : METRIC_LENGTHS.some((length) => Math.abs(lengthMm - length) < 0.05);
}

/** The thicker, the fewer in a box. */
function packOf(majorMm: number): number {
  if (majorMm < 5.5) return 100;
  if (majorMm < 8.5) return 50;
  return majorMm < 13 ? 25 : 10;
}

/** A price a box in no country's money: by the metal in it, its strength and its finish. */
function priceOf(spec: FastenerSpec, majorMm: number, pack: number): number {
  const lengthMm = spec.part === "screw" ? (spec.lengthMm ?? 20) + majorMm : majorMm;
  const strong = spec.part === "screw" && ["10.9", "12.9", "sae-8"].includes(spec.gradeId ?? "");
  const each = 0.02 + majorMm * majorMm * lengthMm * 0.000_012 * (strong ? 1.6 : 1);
  return Math.round(each * pack * (spec.finish === undefined ? 1 : 1.15) * 100) / 100;
}

/** What this counter has of a part, by its call-out. */
export function offerFor(callout: string): Offer {
  const spec = parseCallout(callout);
  if (isCalloutProblem(spec) || spec.part === "pin" || spec.part === "plug") return NOT_LISTED;
  if (spec.part === "fitting") return NOT_LISTED;
  const { series, majorMm, tpi } = spec.thread;
  if (![...ON_SHELF, ...SENT_FOR].includes(series) || majorMm > 25) return NOT_LISTED;
  const unitsPerPack = packOf(majorMm);
  const pricePerPack = priceOf(spec, majorMm, unitsPerPack);
  const length = spec.part === "screw" ? spec.lengthMm : undefined;
  const grade = spec.part === "screw" ? spec.gradeId : undefined;
  const kept =
    ON_SHELF.includes(series) &&
    isLengthKept(length, tpi !== undefined) &&
    (grade === undefined || GRADES.includes(grade));
  return kept
    ? { availability: "in stock", unitsPerPack, pricePerPack, leadTimeDays: 2 }
    : { availability: "none in stock", unitsPerPack, pricePerPack, leadTimeDays: 18 };
}
