import { mmFromInches, pitchMmFromTpi, type Mm, type Units } from "@root-gauge/core";

export type PitchReading =
  | { readonly kind: "empty" }
  | { readonly kind: "pitch"; readonly pitchMm: Mm }
  | { readonly kind: "unreadable"; readonly read: string };

const SHAPE = /^(?<figure>\d*[.,]?\d+|\d+[.,])\s*(?<unit>mm|tpi|in)?$/i;
const LEAST = 0.05;
const MOST_MM = 30;
const MOST_TPI = 400;

/** What is accepted, for under the field. */
export const PITCH_ACCEPTED = `Accepted: a pitch of ${LEAST} to ${MOST_MM} mm (1.25 mm) or 1 to ${MOST_TPI} threads per inch (20 TPI).`;

/**
 * Reads a pitch with its unit: "1.25 mm", "20 tpi", ".05 in".
 * @param units what a bare figure is: a pitch in mm, or threads per inch
 */
export function readPitch(text: string, units: Units): PitchReading {
  const read = text.trim();
  if (read === "") return { kind: "empty" };
  const groups = SHAPE.exec(read)?.groups;
  const figure = Number(groups?.figure?.replace(",", ".") ?? Number.NaN);
  const unit = groups?.unit?.toLowerCase() ?? (units === "mm" ? "mm" : "tpi");
  const isTpi = unit === "tpi";
  const pitchMm = isTpi ? pitchMmFromTpi(figure) : unit === "in" ? mmFromInches(figure) : figure;
  const inRange = pitchMm >= LEAST && pitchMm <= MOST_MM && (!isTpi || figure <= MOST_TPI);
  return Number.isFinite(pitchMm) && inRange
    ? { kind: "pitch", pitchMm }
    : { kind: "unreadable", read };
}
