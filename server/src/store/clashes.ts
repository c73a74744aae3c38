import type { ChangedField, Write } from "@root-gauge/contract";
import type { Transaction } from "kysely";
import { writtenSince, type WrittenLine } from "./changes";
import type { Tables } from "./schema";

/** What a row says of its last writing. */
interface Versioned {
  readonly id: string;
  readonly version: number;
  readonly device: string;
}

/** A removal stands against every other change, and every other against it. */
const REMOVED = "removed";

/** What others wrote of a record since a version of it; undefined where the history does not hold all of it. */
export async function othersSince(
  transaction: Transaction<Tables>,
  { id, version }: Pick<Versioned, "id" | "version">,
  { saw, device }: Write,
): Promise<readonly WrittenLine[] | undefined> {
  if (version === saw) return [];
  const since = await writtenSince(transaction, id, saw);
  const known = new Set(since.map((line) => line.version)).size >= version - saw;
  return known ? since.filter((line) => device === undefined || line.device !== device) : undefined;
}

/**
 * Whether what a writer changed would take the place of what it has not seen. Where the history does not hold every version
 * since, as of records of an older make, only the device that wrote last may write on.
 */
export function takesPlace(
  others: readonly WrittenLine[] | undefined,
  changed: readonly ChangedField[],
  existing: Pick<Versioned, "device">,
  { device }: Write,
): boolean {
  if (others === undefined) return device === undefined || existing.device !== device;
  if (others.length === 0) return false;
  const theirs = new Set(others.map(({ field }) => field));
  if (theirs.has("made") || theirs.has(REMOVED) || changed.includes(REMOVED)) return true;
  return changed.some((field) => theirs.has(field));
}
