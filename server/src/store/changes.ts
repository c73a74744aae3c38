import type { Change, ChangedField, Write } from "@root-gauge/contract";
import type { Transaction } from "kysely";
import { PAGE_LENGTH, type Page } from "./page";
import type { Store, Tables } from "./schema";

/** A record's fields as its history shows them, each in words or figures. */
export type Shown = Readonly<Partial<Record<ChangedField, string>>>;

/** Who writes, and when. */
export interface Writing {
  readonly write: Write;
  readonly at: string;
}

/** A record, and the version that it has by a writing. */
export interface Versioned {
  readonly id: string;
  readonly version: number;
}

/**
 * Notes which fields a writing changes, from what to what: one that was just made has a line for that alone.
 * @param was undefined for a record that was not there before
 */
export async function noteChanges(
  transaction: Transaction<Tables>,
  { id, version }: Versioned,
  was: Shown | undefined,
  became: Shown,
  { write, at }: Writing,
): Promise<void> {
  const written = { record_id: id, version, at, who: write.who ?? "", device: write.device ?? "" };
  const lines =
    was === undefined
      ? [{ ...written, field: "made" as const, was: "", became: became.name ?? "" }]
      : (Object.keys(became) as ChangedField[])
          .filter((field) => was[field] !== became[field])
          .map((field) => ({
            ...written,
            field,
            was: was[field] ?? "",
            became: became[field] ?? "",
          }));
  if (lines.length > 0) await transaction.insertInto("changes").values(lines).execute();
}

/**
 * Notes in a position's history what was found, mended or noted there: as it was and as it became. Where nothing of it
 * changed nothing is noted.
 */
export async function noteAtPosition(
  transaction: Transaction<Tables>,
  positionId: string | null | undefined,
  was: Shown,
  became: Shown,
  writing: Writing,
): Promise<void> {
  if (!positionId) return;
  const position = await transaction
    .selectFrom("positions")
    .select(["id", "version"])
    .where("id", "=", positionId)
    .executeTakeFirst();
  if (position !== undefined) await noteChanges(transaction, position, was, became, writing);
}

/**
 * The same of what may have been moved there from another position.
 * @param text what it comes to there, by which position it is at; empty for what was taken out
 */
export async function noteMoved(
  transaction: Transaction<Tables>,
  field: "found" | "mended",
  was: { readonly at: string | null; readonly text: string },
  is: { readonly at: string | null; readonly text: string },
  writing: Writing,
): Promise<void> {
  if (was.at === is.at) {
    return noteAtPosition(transaction, is.at, { [field]: was.text }, { [field]: is.text }, writing);
  }
  await noteAtPosition(transaction, was.at, { [field]: was.text }, { [field]: "" }, writing);
  return noteAtPosition(transaction, is.at, { [field]: "" }, { [field]: is.text }, writing);
}

/**
 * The fields of a record that others changed since a version of it.
 * @param device who asks: what it changed itself it knows
 */
export async function changedSince(
  transaction: Transaction<Tables>,
  id: string,
  version: number,
  device: string | undefined,
): Promise<ReadonlySet<ChangedField>> {
  const rows = await transaction
    .selectFrom("changes")
    .select("field")
    .distinct()
    .where("record_id", "=", id)
    .where("version", ">", version)
    .$if(device !== undefined, (query) => query.where("device", "<>", device ?? ""))
    .execute();
  return new Set(rows.map(({ field }) => field));
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
    .select(["id", "at", "who", "field", "was", "became"])
    .where("record_id", "=", recordId)
    .orderBy("id", "desc");
  if (before !== undefined && Number.isFinite(before)) query = query.where("id", "<", before);
  const rows = await query.limit(PAGE_LENGTH + 1).execute();
  const items = rows.slice(0, PAGE_LENGTH);
  const last = items.at(-1);
  const more = rows.length > PAGE_LENGTH && last !== undefined;
  return { items, next: more ? `${last.at}|${last.id}` : null };
}
