import { sql, type SqlBool, type Transaction } from "kysely";
import type { Writing } from "./changes";
import { changeMany } from "./save-record";
import type { Tables } from "./schema";
import { indexMachine, indexPositionsOf } from "./search-index";

/** What says which machine it belongs to, and whether it is taken out of its lists. */
interface UnderMachine {
  readonly machineId: string;
  readonly removed?: boolean | undefined;
}

/**
 * Marks a machine as touched. One that was removed and is worked on again, as from another device, is no removed machine.
 * @returns whether there is such a machine
 */
export async function touchMachine(
  transaction: Transaction<Tables>,
  { machineId, removed }: UnderMachine,
  writing: Writing,
): Promise<boolean> {
  const { rows } = await sql<{ removed: number }>`
    update machines set updated_at = ${writing.at} where id = ${machineId}
    returning removed`.execute(transaction);
  const [machine] = rows;
  if (machine === undefined) return false;
  if (machine.removed === 1 && removed !== true) {
    const which = sql<SqlBool>`id = ${machineId}`;
    await changeMany(transaction, "machine", "removed", 0, which, writing);
    await indexMachine(transaction, machineId);
    await indexPositionsOf(transaction, machineId);
  }
  return true;
}
