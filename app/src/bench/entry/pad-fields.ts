import {
  countProblemWords,
  inOtherUnit,
  lengthProblemWords,
  readLength,
  saidText,
  type LengthRange,
  type Mm,
  type Units,
  plainFigure,
} from "@root-gauge/core";
import type { DraftField } from "../../data/kept/draft-fields";

/** A field of the reading pad: a length, or a number of threads. */
export type PadField = { readonly key: DraftField; readonly label: string } & (
  | { readonly kind: "length"; readonly accepted: LengthRange }
  | { readonly kind: "number"; readonly min: number; readonly max: number; readonly whole: boolean }
);

/** What a field holds: millimetres or a number, or a sentence that says what was read and what is accepted. */
export type PadValue =
  | {
      readonly ok: true;
      readonly value: Mm;
      /** A length as it was said, with its unit. */
      readonly said?: string;
    }
  | ({ readonly ok: false } & PadProblem);

/** What is wrong with a field, and its text as it may have been meant. */
export interface PadProblem {
  readonly problem: string;
  readonly meant?: string;
}

export function readField(field: PadField, text: string, units: Units): PadValue {
  if (field.kind === "length") {
    const read = readLength(text, units, field.accepted);
    if (read.ok) return { ok: true, value: read.mm, said: saidText(text, read.writtenIn) };
    const meant = inOtherUnit(text, units, field.accepted)?.text;
    const problem = lengthProblemWords(read.problem, units);
    return { ok: false, problem, ...(meant === undefined ? {} : { meant }) };
  }
  const trimmed = text.trim();
  const value = plainFigure(trimmed);
  const inside = value >= field.min && value <= field.max;
  const usable = inside && (!field.whole || Number.isInteger(value));
  if (usable) return { ok: true, value };
  return { ok: false, problem: countProblemWords(trimmed, field) };
}

/** The fields' values, when all of them can be taken. */
function valuesOf(
  fields: readonly PadField[],
  texts: readonly string[],
  units: Units,
): readonly number[] | undefined {
  const read = fields.map((field, at) => readField(field, texts[at] ?? "", units));
  const values = read.flatMap((value) => (value.ok ? [value.value] : []));
  return values.length === fields.length ? values : undefined;
}

/**
 * Where values that are each right cannot stand together, the one field whose figure in the other unit mends it.
 * @param stands whether values can stand together
 */
export function slipAmong(
  fields: readonly PadField[],
  texts: readonly string[],
  units: Units,
  stands: (values: readonly number[]) => boolean,
): { readonly field: PadField; readonly meant: string } | undefined {
  for (const [at, field] of fields.entries()) {
    if (field.kind !== "length") continue;
    const meant = inOtherUnit(texts[at] ?? "", units, field.accepted)?.text;
    if (meant === undefined) continue;
    const values = valuesOf(
      fields,
      texts.map((text, i) => (i === at ? meant : text)),
      units,
    );
    if (values !== undefined && stands(values)) return { field, meant };
  }
  return undefined;
}
