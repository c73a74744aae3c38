import type { Write } from "@root-gauge/contract";
import type { Transaction } from "kysely";
import type { Tables } from "./schema";
import { maySave, type Written } from "./versions";

/** How a save of something that belongs to a machine came out. */
export type SavedUnderMachine<Record> =
  | { readonly kind: "saved"; readonly record: Record }
  | { readonly kind: "no-machine" }
  /** Another device has changed it since; nothing was stored. */
  | { readonly kind: "conflict" };

/** What says which machine it belongs to, and whether it is taken out of its lists. */
interface UnderMachine {
  readonly machineId: string;
  readonly removed?: boolean | undefined;
}

/**
 * Why something may not be saved under a machine: there is none, or another device has changed it since. Where it may, the
 * machine is marked as touched.
 */
export async function refusedUnderMachine(
  transaction: Transaction<Tables>,
  { machineId, removed }: UnderMachine,
  existing: Written | undefined,
  write: Write,
  at: string,
): Promise<{ readonly kind: "no-machine" } | { readonly kind: "conflict" } | undefined> {
  const machine = await transaction
    .selectFrom("machines")
    .select("id")
    .where("id", "=", machineId)
    .executeTakeFirst();
  if (machine === undefined) return { kind: "no-machine" };
  if (!maySave(existing, write)) return { kind: "conflict" };
  // A machine that was removed and is worked on again, as from another device, is no removed machine.
  const touched = removed === true ? { updated_at: at } : { updated_at: at, removed: 0 };
  await transaction.updateTable("machines").set(touched).where("id", "=", machineId).execute();
  return undefined;
}
