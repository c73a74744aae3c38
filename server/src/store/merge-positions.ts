import { LONGEST } from "@root-gauge/core/record";
import { randomUUID } from "node:crypto";
import { replacementSchema, type Position, type Write } from "@root-gauge/contract";
import { sql, type Selectable, type SqlBool, type Transaction } from "kysely";
import type { Writing } from "./changes";
import { othersSince, takesPlace } from "./clashes";
import type { Store } from "./database";
import { moveInJobs } from "./jobs";
import { jsonOf, kept } from "./kept-json";
import { pathById, upFrom } from "./machine-places";
import { moveInLines } from "./order-lines";
import { findPosition } from "./positions";
import { changeMany, followRecord, saveRecord, type Columns, type RecordRow } from "./save-record";
import type { PositionsTable, Tables } from "./schema";
import { indexWithin } from "./search-index";
import { touchMachine } from "./touch-machine";

/** How a merge came out; where it was not done, nothing was stored. */
export type Merged =
  | { readonly kind: "merged"; readonly record: Position }
  | { readonly kind: "no-position" }
  /** Another device has changed one of them since it was looked at. */
  | { readonly kind: "conflict" }
  /** They are of two machines, or one stands within the other. */
  | { readonly kind: "in-itself" };

/** What hangs on a position and goes along to another. */
const HANGING = ["identification", "repair", "remark"] as const;

type Row = Selectable<PositionsTable>;

/** What of the first place the second does not take over, for its history: "Side cover: to-order, 4 alike, M10 x 40". */
function leftWords(from: Row, path: string, takesSpec: boolean): string {
  const { state, alike, spec } = from;
  const callout = takesSpec || spec === null ? [] : [kept(spec, replacementSchema).value?.callout];
  return `${path}: ${[state, `${alike} alike`, ...callout].filter(Boolean).join(", ")}`;
}

/** The notes of both; where they are too long for one place those of the first stand there as a note of their own. */
async function joinNotes(
  transaction: Transaction<Tables>,
  from: Row,
  into: Row,
  writing: Writing,
): Promise<string> {
  const notes = [into.notes, from.notes].filter((text) => text !== "").join("\n");
  if (notes.length <= LONGEST.notes) return notes;
  const { at, write } = writing;
  const note = { positionId: into.id, text: from.notes, takenAt: at };
  const who = {
    settle: (columns: Columns) =>
      Promise.resolve({ columns: { ...columns, who: write.who ?? "" } }),
  };
  await saveRecord<RecordRow>(transaction, "remark", randomUUID(), note, writing, who);
  return into.notes;
}

/** Whether another device changed either of them since they were looked at. */
async function changedSince(
  transaction: Transaction<Tables>,
  row: Row,
  write: Write,
): Promise<boolean> {
  const others = await othersSince(transaction, row, write);
  return takesPlace(others, ["removed"], row, write);
}

async function merged(transaction: Transaction<Tables>, intoId: string): Promise<Merged> {
  const record = await findPosition(transaction, intoId);
  return record === undefined ? { kind: "no-position" } : { kind: "merged", record };
}

/**
 * Makes two positions one: what was found, mended and noted at the first, what stands within it, the jobs it is in and the
 * lines for it go to the second, which takes what goes in where it had none; the first is taken out of the lists and says
 * what it became. Each record that it changes has its version and its history by it.
 * @param write which version of the first was looked at
 * @param intoSaw which version of the second was looked at
 */
export async function mergePositions(
  store: Store,
  fromId: string,
  intoId: string,
  now: Date,
  write: Write = { saw: 0 },
  intoSaw = 0,
): Promise<Merged> {
  const writing = { write, at: now.toISOString() };
  return store.transaction().execute(async (transaction): Promise<Merged> => {
    const rows = await transaction
      .selectFrom("positions")
      .selectAll()
      .where("id", "in", [fromId, intoId])
      .execute();
    // Its answer was lost on the way, and it is sent again.
    if (rows.some(({ id, merged_into }) => id === fromId && merged_into === intoId)) {
      return merged(transaction, intoId);
    }
    const standing = rows.filter(({ removed }) => removed === 0);
    const from = standing.find(({ id }) => id === fromId);
    const into = standing.find(({ id }) => id === intoId);
    if (from === undefined || into === undefined) return { kind: "no-position" };
    const outer = await upFrom(transaction, intoId);
    const within = outer.some(({ id }) => id === fromId);
    if (fromId === intoId || within || from.machine_id !== into.machine_id) {
      return { kind: "in-itself" };
    }
    if (
      (await changedSince(transaction, from, write)) ||
      (await changedSince(transaction, into, { ...write, saw: intoSaw }))
    ) {
      return { kind: "conflict" };
    }
    const path = await pathById(transaction, fromId);
    const there = sql<SqlBool>`position_id = ${fromId}`;
    for (const kind of HANGING) {
      await changeMany(transaction, kind, "positionId", intoId, there, writing);
    }
    const inner = sql<SqlBool>`parent_id = ${fromId}`;
    await changeMany(transaction, "position", "parentId", intoId, inner, writing);
    await moveInJobs(transaction, fromId, intoId, writing);
    await moveInLines(transaction, fromId, intoId, writing);
    const takesSpec = into.spec === null && from.spec !== null;
    await followRecord(
      transaction,
      "position",
      into,
      {
        notes: await joinNotes(transaction, from, into, writing),
        ...(takesSpec ? { spec: jsonOf(from.spec ?? "") } : {}),
      },
      writing,
      { noted: [{ field: "merged", was: "", became: leftWords(from, path, takesSpec) }] },
    );
    await followRecord(transaction, "position", from, { removed: true }, writing, {
      beside: { merged_into: intoId },
    });
    await touchMachine(transaction, { machineId: into.machine_id }, writing);
    await indexWithin(transaction, fromId);
    await indexWithin(transaction, intoId);
    return merged(transaction, intoId);
  });
}
