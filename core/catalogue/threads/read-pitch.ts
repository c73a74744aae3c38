import {
  MOST_LETTERS,
  mmFromInches,
  oneSpelling,
  pitchMmFromTpi,
  type Mm,
  type Units,
  plainFigure,
} from "../../measure";

export type PitchReading =
  | { readonly kind: "empty" }
  | { readonly kind: "pitch"; readonly pitchMm: Mm }
  | { readonly kind: "unreadable"; readonly read: string };

const SHAPE = /^(?<figure>\d*[.,]?\d+|\d+[.,])\s*(?<unit>mm|tpi|in)?$/i;
/** What a pitch by itself may be, mm, and threads per inch. */
export const PITCHES_READ = { leastMm: 0.05, mostMm: 30, mostTpi: 400 } as const;

/**
 * Reads a pitch with its unit: "1.25 mm", "20 tpi", ".05 in".
 * @param units what a bare figure is: a pitch in mm, or threads per inch
 */
export function readPitch(text: string, units: Units): PitchReading {
  const read = oneSpelling(text.slice(0, MOST_LETTERS));
  if (read === "") return { kind: "empty" };
  const groups = SHAPE.exec(read)?.groups;
  const figure = plainFigure(groups?.figure ?? "");
  const unit = groups?.unit?.toLowerCase() ?? (units === "mm" ? "mm" : "tpi");
  const isTpi = unit === "tpi";
  const pitchMm = isTpi ? pitchMmFromTpi(figure) : unit === "in" ? mmFromInches(figure) : figure;
  const { leastMm, mostMm, mostTpi } = PITCHES_READ;
  const inRange = pitchMm >= leastMm && pitchMm <= mostMm && (!isTpi || figure <= mostTpi);
  return Number.isFinite(pitchMm) && inRange
    ? { kind: "pitch", pitchMm }
    : { kind: "unreadable", read };
}
