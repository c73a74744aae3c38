import type { Transaction } from "kysely";
import type { Writing } from "./changes";
import { positionFor, type Whereabouts } from "./machine-places";
import type { Columns } from "./save-record";
import type { Tables } from "./schema";
import { touchMachine } from "./touch-machine";

/** How a save of something that belongs to a machine came out. */
export type SavedUnderMachine<Record> =
  | { readonly kind: "saved"; readonly record: Record }
  | { readonly kind: "no-machine" }
  /** Another device has changed it since; nothing was stored. */
  | { readonly kind: "conflict" };

/** Where a stored finding or repair is. */
interface Placed {
  readonly machine_id: string;
  readonly position: string;
  readonly position_id: string | null;
}

/**
 * Settles where something is found or mended: at the place as it stands now, on whichever machine that is, which is marked as
 * touched. What is said of no place stays where it was.
 */
export async function settlePlace(
  transaction: Transaction<Tables>,
  sent: Whereabouts,
  wanted: Columns,
  before: Placed | undefined,
  writing: Writing,
): Promise<{ readonly columns: Columns } | { readonly refused: "no-machine" }> {
  const standing = <Column extends keyof Placed>(column: Column) =>
    column in wanted ? wanted[column] : before?.[column];
  const moves = ["machine_id", "position", "position_id"].some((column) => column in wanted);
  const named = {
    removed: sent.removed,
    machineId: String(standing("machine_id")),
    position: String(standing("position")),
    positionId: moves ? sent.positionId : (before?.position_id ?? undefined),
  };
  if (!(await touchMachine(transaction, named, writing))) return { refused: "no-machine" };
  const place = await positionFor(transaction, named, writing);
  const machineId = place?.machineId ?? named.machineId;
  if (machineId !== named.machineId) {
    await touchMachine(transaction, { ...named, machineId }, writing);
  }
  return { columns: { ...wanted, machine_id: machineId, position_id: place?.id ?? null } };
}
