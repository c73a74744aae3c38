import type { Write } from "@root-gauge/contract";
import type { Transaction } from "kysely";
import type { Tables } from "./schema";
import { indexMachine, indexPositionsOf } from "./search-index";
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
 * Marks a machine as touched. One that was removed and is worked on again, as from another device, is no removed machine.
 * @returns whether there is such a machine
 */
export async function touchMachine(
  transaction: Transaction<Tables>,
  { machineId, removed }: UnderMachine,
  at: string,
): Promise<boolean> {
  const machine = await transaction
    .selectFrom("machines")
    .select(["id", "removed"])
    .where("id", "=", machineId)
    .executeTakeFirst();
  if (machine === undefined) return false;
  const isBack = machine.removed === 1 && removed !== true;
  await transaction
    .updateTable("machines")
    .set(isBack ? { updated_at: at, removed: 0 } : { updated_at: at })
    .where("id", "=", machineId)
    .execute();
  if (isBack) {
    await indexMachine(transaction, machineId);
    await indexPositionsOf(transaction, machineId);
  }
  return true;
}

/**
 * Why something may not be saved under a machine: there is none, or another device has changed it since. Where it may, the
 * machine is marked as touched.
 */
export async function refusedUnderMachine(
  transaction: Transaction<Tables>,
  under: UnderMachine,
  existing: Written | undefined,
  write: Write,
  at: string,
): Promise<{ readonly kind: "no-machine" } | { readonly kind: "conflict" } | undefined> {
  if (!maySave(existing, write)) {
    const machine = await transaction
      .selectFrom("machines")
      .select("id")
      .where("id", "=", under.machineId)
      .executeTakeFirst();
    return { kind: machine === undefined ? "no-machine" : "conflict" };
  }
  return (await touchMachine(transaction, under, at)) ? undefined : { kind: "no-machine" };
}
