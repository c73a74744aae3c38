import {
  countProblemWords,
  lengthProblemWords,
  readLength,
  type LengthRange,
  type Mm,
  type Units,
} from "@root-gauge/core";

/** A field of the reading pad: a length, or a number of threads. */
export type PadField = { readonly key: string; readonly label: string } & (
  | { readonly kind: "length"; readonly accepted: LengthRange }
  | { readonly kind: "number"; readonly min: number; readonly max: number; readonly whole: boolean }
);

/** What a field holds: millimetres or a number, or a sentence that says what was read and what is accepted. */
export type PadValue =
  { readonly ok: true; readonly value: Mm } | { readonly ok: false; readonly problem: string };

export function readField(field: PadField, text: string, units: Units): PadValue {
  if (field.kind === "length") {
    const read = readLength(text, units, field.accepted);
    if (read.ok) return { ok: true, value: read.mm };
    return { ok: false, problem: lengthProblemWords(read.problem, units) };
  }
  const trimmed = text.trim();
  const value = Number(trimmed.replace(",", "."));
  const inside = value >= field.min && value <= field.max;
  const usable = trimmed !== "" && inside && (!field.whole || Number.isInteger(value));
  if (usable) return { ok: true, value };
  return { ok: false, problem: countProblemWords(trimmed, field) };
}
