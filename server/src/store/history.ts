import {
  RECORD_KINDS,
  replacementSchema,
  type Change,
  type ChangedField,
  type FieldForm,
  type FieldTable,
} from "@root-gauge/contract";
import { goesInWords } from "@root-gauge/core/say/sheet";
import { kept } from "./kept-json";
import { pathsById } from "./machine-places";
import { PAGE_LENGTH, type Page } from "./page";
import type { Store } from "./schema";

/** How each field of a history is written, by its name there. */
const FORMS: ReadonlyMap<ChangedField, FieldForm> = new Map(
  Object.values(RECORD_KINDS)
    .flatMap((fields: FieldTable) => Object.values(fields))
    .map(({ called, form }) => [called, form]),
);

/** What goes in, by call-out; where that stayed the same, what hangs on it and where it is. */
function specWords(text: string, other: string): string {
  const spec = kept(text, replacementSchema).value;
  if (spec === undefined) return text;
  const { callout, circumstances, acknowledgedAt } = spec;
  if (kept(other, replacementSchema).value?.callout !== callout) return callout;
  return goesInWords(callout, circumstances, acknowledgedAt);
}

interface Row {
  readonly field: ChangedField;
  readonly was: string;
  readonly became: string;
  readonly exact: number;
}

const ids = (rows: readonly Row[], form: FieldForm) =>
  rows
    .filter(({ field, exact }) => exact === 1 && FORMS.get(field) === form)
    .flatMap(({ was, became }) => [was, became]);

/** A writing of ids, figures and JSON as a person reads it; lines of an older make are in words already. */
async function wordsOf(store: Store, rows: readonly Row[]) {
  const paths = await pathsById(store, [...new Set(ids(rows, "place"))]);
  const named = [...new Set(ids(rows, "machine"))];
  const machines =
    named.length === 0
      ? []
      : await store
          .selectFrom("machines")
          .select(["id", "name"])
          .where("id", "in", named)
          .execute();
  const names = new Map(machines.map(({ id, name }) => [id, name]));
  return ({ field, exact }: Row, text: string, other: string): string => {
    const form = exact === 1 && text !== "" ? FORMS.get(field) : undefined;
    switch (form) {
      case "place":
        return paths.get(text) ?? text;
      case "machine":
        return names.get(text) ?? text;
      case "places":
        return String(text.split(" ").length);
      case "json":
        return field === "spec" ? specWords(text, other) : "";
      default:
        return text;
    }
  };
}

/** A page of a record's history, the last change first. */
export async function changesOf(
  store: Store,
  recordId: string,
  after?: string,
): Promise<Page<Change>> {
  const before = after === undefined ? undefined : Number(after.split("|")[1]);
  let query = store
    .selectFrom("changes")
    .select(["id", "at", "who", "field", "was", "became", "exact"])
    .where("record_id", "=", recordId)
    .orderBy("id", "desc");
  if (before !== undefined && Number.isFinite(before)) query = query.where("id", "<", before);
  const rows = await query.limit(PAGE_LENGTH + 1).execute();
  const shown = rows.slice(0, PAGE_LENGTH);
  const words = await wordsOf(store, shown);
  const items = shown.map((row): Change => {
    const { id, at, who, field, was, became } = row;
    return { id, at, who, field, was: words(row, was, became), became: words(row, became, was) };
  });
  const last = items.at(-1);
  const more = rows.length > PAGE_LENGTH && last !== undefined;
  return { items, next: more ? `${last.at}|${last.id}` : null };
}
