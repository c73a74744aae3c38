import type { ChangedField, Write } from "@root-gauge/contract";
import type { Transaction } from "kysely";
import { changedSince } from "./changes";
import type { Tables } from "./schema";
import { maySave, type Written } from "./versions";

/** The fields of what is sent, each with the name that its history gives it. */
export type HistoryNames<Input> = { readonly [Field in keyof Required<Input>]: ChangedField };

/** A writer says that it changed fields which a record of this kind does not have. */
export class NoSuchField extends Error {
  override readonly name = "NoSuchField";

  constructor(said: readonly string[], fields: readonly string[]) {
    super(`Read “${said.join(", ")}” as changed. Accepted: ${fields.join(", ")}.`);
  }
}

/**
 * The fields that a writer says it changed.
 * @throws NoSuchField where one of them is none of this kind of record
 */
function touchedOf<Input>(names: HistoryNames<Input>, touched: string): (keyof Input)[] {
  const fields = Object.keys(names) as (keyof Input & string)[];
  const said = touched.split(",");
  const unknown = said.filter((one) => !(fields as readonly string[]).includes(one));
  if (unknown.length > 0) throw new NoSuchField(unknown, fields);
  return fields.filter((field) => said.includes(field));
}

/** What a writer wants: where it says which fields it changed the others stay as they are stored. */
export function wantedOf<Input extends object>(
  names: HistoryNames<Input>,
  stored: Input | undefined,
  sent: Input,
  { touched }: Write,
): Input {
  if (touched === undefined) return sent;
  const changed = touchedOf(names, touched).map((field) => [field, sent[field]]);
  if (stored === undefined) return sent;
  return { ...stored, ...(Object.fromEntries(changed) as Partial<Input>) };
}

/**
 * Whether a write would take the place of what its writer has not seen: another device wrote since, and what both changed
 * is the same field, or this one does not say what it changed.
 */
export async function clashes<Input>(
  transaction: Transaction<Tables>,
  existing: (Written & { readonly id: string }) | undefined,
  names: HistoryNames<Input>,
  write: Write,
): Promise<boolean> {
  const { touched, saw, device } = write;
  if (existing === undefined || existing.version === saw) return false;
  if (touched === undefined || saw === 0) return !maySave(existing, write);
  const since = await changedSince(transaction, existing.id, saw, device);
  return touchedOf(names, touched).some((field) => since.has(names[field]));
}
