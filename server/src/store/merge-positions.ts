import type { Position, Write } from "@root-gauge/contract";
import { mayStandWithin, pathTo } from "@root-gauge/core/record";
import { sql } from "kysely";
import { noteChanges } from "./changes";
import type { Store } from "./database";
import { placesOf } from "./machine-places";
import { findPosition } from "./positions";
import { indexPositionsOf } from "./search-index";
import { touchMachine } from "./under-machine";
import { wroteBy } from "./versions";

/** How a merge came out; where it was not done, nothing was stored. */
export type Merged =
  | { readonly kind: "merged"; readonly record: Position }
  | { readonly kind: "no-position" }
  /** They are of two machines, or one stands within the other. */
  | { readonly kind: "in-itself" };

/** What hangs on a position and goes along to another. */
const HANGING = ["identifications", "repairs", "remarks"] as const;

/**
 * Makes two positions one: what was found, mended and noted at the first, what stands within it and the jobs it is in go to
 * the second, which takes what goes in where it had none; the first is taken out of the lists.
 */
export async function mergePositions(
  store: Store,
  fromId: string,
  intoId: string,
  now: Date,
  write: Write = { saw: 0 },
): Promise<Merged> {
  const at = now.toISOString();
  return store.transaction().execute(async (transaction): Promise<Merged> => {
    const rows = await transaction
      .selectFrom("positions")
      .selectAll()
      .where("id", "in", [fromId, intoId])
      .where("removed", "=", 0)
      .execute();
    const from = rows.find(({ id }) => id === fromId);
    const into = rows.find(({ id }) => id === intoId);
    if (from === undefined || into === undefined) return { kind: "no-position" };
    const places = await placesOf(transaction, into.machine_id);
    const fits = from.machine_id === into.machine_id && mayStandWithin(fromId, intoId, places);
    if (fromId === intoId || !fits) return { kind: "in-itself" };
    for (const table of HANGING) {
      await transaction
        .updateTable(table)
        .set({ position_id: intoId })
        .where("position_id", "=", fromId)
        .execute();
    }
    await transaction
      .updateTable("positions")
      .set({ parent_id: intoId })
      .where("parent_id", "=", fromId)
      .execute();
    await sql`
      insert or ignore into job_positions (job_id, position_id, place)
      select job_id, ${intoId}, place from job_positions where position_id = ${fromId}`.execute(
      transaction,
    );
    await transaction.deleteFrom("job_positions").where("position_id", "=", fromId).execute();
    await sql`
      update orders set lines = replace(lines, ${fromId}, ${intoId})
      where instr(lines, ${fromId}) > 0`.execute(transaction);
    const notes = [into.notes, from.notes].filter((text) => text !== "").join("\n");
    const kept = await transaction
      .updateTable("positions")
      .set({
        spec: into.spec ?? from.spec,
        notes: notes.slice(0, 4000),
        updated_at: at,
        ...wroteBy(into, { ...write, device: undefined }),
      })
      .where("id", "=", intoId)
      .returning(["id", "version"])
      .executeTakeFirstOrThrow();
    const gone = await transaction
      .updateTable("positions")
      .set({ removed: 1, updated_at: at, ...wroteBy(from, { ...write, device: undefined }) })
      .where("id", "=", fromId)
      .returning(["id", "version"])
      .executeTakeFirstOrThrow();
    const writing = { write, at };
    await noteChanges(
      transaction,
      kept,
      { merged: "" },
      { merged: pathTo(fromId, places) },
      writing,
    );
    await noteChanges(transaction, gone, { removed: "" }, { removed: "yes" }, writing);
    await touchMachine(transaction, { machineId: into.machine_id }, at);
    await indexPositionsOf(transaction, into.machine_id);
    const record = await findPosition(transaction, intoId);
    return record === undefined ? { kind: "no-position" } : { kind: "merged", record };
  });
}
