import {
  RECORD_KINDS,
  type ChangedField,
  type Field,
  type FieldTable,
  type KeptLine,
  type OrderInput,
  type PositionInput,
  type RecordKind,
  type RepairInput,
} from "@root-gauge/contract";
import type { Reading, Units } from "@root-gauge/core";
import { orderRuleWords } from "@root-gauge/core/say/record";
import { goesInWords, meaningWords } from "@root-gauge/core/say/sheet";
import { readingLine, repairLines } from "./parcel-words";

/** A field of a record, and what stands in it in words or figures. */
export interface Told {
  readonly called: ChangedField;
  /** The id of a place or machine, whose name is still to be looked up. */
  readonly names?: "place" | "machine";
  readonly text: string;
}

const lineWords = ({ callout, needed, ordered, arrived }: KeptLine) =>
  `${ordered ?? needed} off ${callout}${arrived ? ", arrived" : ""}`;

const specWords = ({
  callout,
  circumstances,
  acknowledgedAt,
}: NonNullable<PositionInput["spec"]>) => goesInWords(callout, circumstances, acknowledgedAt);

/** What stands in a field that holds more than a text or a figure, in a line or several. */
function textsOf(called: ChangedField, value: unknown, units: Units): readonly string[] {
  switch (called) {
    case "spec":
      return [specWords(value as NonNullable<PositionInput["spec"]>)];
    case "rule":
      return [orderRuleWords(value as OrderInput["rule"])];
    case "lines":
      return (value as OrderInput["lines"]).map(lineWords);
    case "readings":
      return (value as readonly Reading[]).map((reading) => readingLine(reading, units));
    case "record":
      return value === undefined ? [] : repairLines(value as RepairInput["record"]);
    case "means":
      return [meaningWords(value as Parameters<typeof meaningWords>[0])];
    case "positions":
      return [String((value as readonly string[]).length)];
    default:
      return [JSON.stringify(value)];
  }
}

function toldOf({ called, form }: Field, value: unknown, units: Units): readonly Told[] {
  switch (form) {
    case "flag":
      return [{ called, text: value === true ? "yes" : "" }];
    case "machine":
    case "place":
      return [{ called, names: form, text: typeof value === "string" ? value : "" }];
    case "json":
    case "places":
      return value === null || value === undefined
        ? [{ called, text: "" }]
        : textsOf(called, value, units).map((text) => ({ called, text }));
    default:
      return [{ called, text: String((value as string | number | null | undefined) ?? "") }];
  }
}

/** The fields of a record as they are read. */
export function toldFields(kind: RecordKind, fields: object, units: Units): readonly Told[] {
  const table: FieldTable = RECORD_KINDS[kind];
  const values = fields as Readonly<Record<string, unknown>>;
  return Object.entries(table).flatMap(([name, of]) => toldOf(of, values[name], units));
}

/** Those in which one version of a record differs from another. */
export function differing(one: readonly Told[], other: readonly Told[]): readonly Told[] {
  const there = new Set(other.map(({ called, text }) => `${called} ${text}`));
  return one.filter(({ called, text }) => !there.has(`${called} ${text}`));
}
