import type { ChangedField, RecordKind, Write } from "@root-gauge/contract";
import type { Transaction } from "kysely";
import type { Tables } from "./schema";

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

/** One field as it was and as it became, as its column has it: all of it, so that nothing of a history is lost. */
export interface ChangeLine {
  readonly field: ChangedField;
  readonly was: string;
  readonly became: string;
}

/** Notes what a writing changed of a record. */
export async function noteLines(
  transaction: Transaction<Tables>,
  kind: RecordKind,
  { id, version }: Versioned,
  lines: readonly ChangeLine[],
  { write, at }: Writing,
): Promise<void> {
  if (lines.length === 0) return;
  const by = { kind, record_id: id, version, at, who: write.who ?? "", device: write.device ?? "" };
  await transaction
    .insertInto("changes")
    .values(lines.map((line) => ({ ...by, ...line, exact: 1 })))
    .execute();
}

/** What was found, mended or noted at a place, in a word or two; empty where nothing is. */
interface Said {
  readonly at: string | null;
  readonly text: string;
}

/**
 * Notes in a position's history what was found, mended or noted there: as it was and as it became, at whichever places it
 * was and is. Where nothing of it changed nothing is noted.
 */
export async function noteAtPlaces(
  transaction: Transaction<Tables>,
  field: "found" | "mended" | "remark" | "picture",
  was: Said,
  is: Said,
  writing: Writing,
): Promise<void> {
  const line = (at: string | null, before: string, after: string) =>
    noteAtPlace(transaction, at, { field, was: before, became: after }, writing);
  if (was.at === is.at) return line(is.at, was.text, is.text);
  await line(was.at, was.text, "");
  return line(is.at, "", is.text);
}

async function noteAtPlace(
  transaction: Transaction<Tables>,
  placeId: string | null,
  line: ChangeLine,
  writing: Writing,
): Promise<void> {
  if (placeId === null || line.was === line.became) return;
  const place = await transaction
    .selectFrom("positions")
    .select(["id", "version"])
    .where("id", "=", placeId)
    .executeTakeFirst();
  if (place !== undefined) await noteLines(transaction, "position", place, [line], writing);
}

/** A field that was written of a record: by which device, at which version, and as what it stood there before. */
export interface WrittenLine {
  readonly version: number;
  readonly device: string;
  readonly field: ChangedField;
  readonly was: string;
  /** 1 where that is as the column has it. */
  readonly exact: number;
}

/** What was written of a record since a version of it, the first before. */
export function writtenSince(
  transaction: Transaction<Tables>,
  id: string,
  version: number,
): Promise<readonly WrittenLine[]> {
  return transaction
    .selectFrom("changes")
    .select(["version", "device", "field", "was", "exact"])
    .where("record_id", "=", id)
    .where("version", ">", version)
    .orderBy("id")
    .execute();
}
