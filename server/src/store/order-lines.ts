import { orderLineSchema, type KeptLine, type OrderInput } from "@root-gauge/contract";
import { sql, type Selectable, type Transaction } from "kysely";
import type { ChangeLine, Writing } from "./changes";
import { othersSince, takesPlace } from "./clashes";
import { jsonOf, setAside } from "./kept-json";
import { placesNow } from "./machine-places";
import { followRecord, isAsStored, saveRecord, type RecordRow } from "./save-record";
import type { Db, OrderLinesTable, Tables } from "./schema";

type Row = Selectable<OrderLinesTable>;

/** The lines of orders that are in them, in their orders' own order; what cannot be read of one is told apart. */
export interface StoredLines {
  readonly lines: readonly KeptLine[];
  readonly unreadable: readonly string[];
}

function lineOf(row: Row): KeptLine | undefined {
  const read = orderLineSchema.safeParse({
    id: row.id,
    callout: row.callout,
    alternates: jsonOf(row.alternates) ?? null,
    needed: row.needed,
    onShelf: row.on_shelf,
    ordered: row.ordered,
    positions: jsonOf(row.positions) ?? null,
    arrived: row.arrived === 1,
  });
  return read.data;
}

/** The lines of so many orders, by the order. */
export async function linesOfOrders(
  db: Db,
  orderIds: readonly string[],
): Promise<ReadonlyMap<string, StoredLines>> {
  if (orderIds.length === 0) return new Map();
  const rows = await db
    .selectFrom("order_lines")
    .selectAll()
    .where("order_id", "in", orderIds)
    .where("removed", "=", 0)
    .orderBy("order_id")
    .orderBy("place")
    .orderBy("id")
    .execute();
  const byOrder = new Map<string, { lines: KeptLine[]; unreadable: string[] }>();
  for (const row of rows) {
    const of = byOrder.get(row.order_id) ?? { lines: [], unreadable: [] };
    byOrder.set(row.order_id, of);
    const line = lineOf(row);
    if (line === undefined) of.unreadable.push(JSON.stringify(row));
    else of.lines.push(line);
    of.unreadable.push(...setAside(row));
  }
  return byOrder;
}

/** A line of an order clashes with what another device did to it: nothing of the order is stored. */
export class LineClash extends Error {
  override readonly name = "LineClash";
}

/** Which line a version of an order changed, and the version that the line had by it. */
const noteOf = (lines: readonly RecordRow[]): readonly ChangeLine[] =>
  lines.length === 0
    ? []
    : [
        {
          field: "lines",
          was: "",
          became: lines.map(({ id, version }) => `${id} ${version}`).join(" "),
        },
      ];

/** The versions that an order's lines had when a version of the order was seen, of those that were changed since. */
async function seenVersions(
  transaction: Transaction<Tables>,
  orderId: string,
  saw: number,
): Promise<ReadonlyMap<string, number>> {
  const rows = await transaction
    .selectFrom("changes")
    .select("became")
    .where("record_id", "=", orderId)
    .where("field", "=", "lines")
    .where("exact", "=", 1)
    .where("version", ">", saw)
    .orderBy("id")
    .execute();
  const seen = new Map<string, number>();
  for (const { became } of rows) {
    const words = became.split(" ");
    for (let at = 0; at + 1 < words.length; at += 2) {
      const [id = "", version] = [words[at], words[at + 1]];
      if (!seen.has(id)) seen.set(id, Number(version) - 1);
    }
  }
  return seen;
}

/**
 * Keeps the lines of an order as they are sent, each by itself: what another device did to a line that this one left alone
 * stays, and a line that it has not seen yet too.
 * @returns what the order's history is to tell of it
 * @throws LineClash where both changed the same of a line
 */
export async function saveLines(
  transaction: Transaction<Tables>,
  order: RecordRow | undefined,
  orderId: string,
  sent: OrderInput["lines"],
  writing: Writing,
): Promise<readonly ChangeLine[]> {
  const { write } = writing;
  if (
    order !== undefined &&
    takesPlace(await othersSince(transaction, order, write), [], order, write)
  ) {
    throw new LineClash();
  }
  const stored = await transaction
    .selectFrom("order_lines")
    .selectAll()
    .where("order_id", "=", orderId)
    .execute();
  const seen = await seenVersions(transaction, orderId, write.saw);
  const known = new Map(stored.map((line) => [line.id, line]));
  const sawOf = (id: string) => seen.get(id) ?? known.get(id)?.version ?? 0;
  const changed: RecordRow[] = [];
  const save = async (id: string, line: object, touched: string | undefined, beside = {}) => {
    const by = { ...writing, write: { ...write, saw: sawOf(id), touched } };
    const saved = await saveRecord<RecordRow>(transaction, "line", id, line, by, { beside });
    if (saved.kind === "conflict") throw new LineClash();
    if (saved.kind === "saved") changed.push(saved.row);
  };
  let place = stored.reduce((most, line) => Math.max(most, line.place), -1);
  for (const { id, ...line } of sent) {
    const row = known.get(id);
    // Most lines of an order stand as they are sent: nothing more is asked for them.
    if (row !== undefined && isAsStored("line", { ...line, orderId }, row)) continue;
    const isNew = row === undefined;
    if (isNew) place += 1;
    const positions = await placesNow(transaction, line.positions);
    await save(id, { ...line, positions, orderId }, undefined, isNew ? { place } : {});
  }
  const kept = new Set(sent.map(({ id }) => id));
  for (const line of stored) {
    const { id, removed } = line;
    // One that has come since, or that cannot be read, its writer had not on the screen.
    if (kept.has(id) || removed !== 0 || sawOf(id) === 0 || lineOf(line) === undefined) continue;
    await save(id, { removed: true }, "removed");
  }
  return noteOf(changed);
}

/** Lines for one place are for another from now on: the first was made one with it. */
export async function moveInLines(
  transaction: Transaction<Tables>,
  fromId: string,
  intoId: string,
  writing: Writing,
): Promise<void> {
  const { rows } = await sql<Row>`
    select * from order_lines where instr(positions, ${fromId}) > 0`.execute(transaction);
  const byOrder = new Map<string, RecordRow[]>();
  for (const row of rows) {
    const before = lineOf(row)?.positions ?? [];
    const positions = [...new Set(before.map((id) => (id === fromId ? intoId : id)))];
    const saved = await followRecord(transaction, "line", row, { positions }, writing);
    if (saved.kind !== "saved") continue;
    byOrder.set(row.order_id, [...(byOrder.get(row.order_id) ?? []), saved.row]);
  }
  for (const [orderId, lines] of byOrder) {
    const order = await transaction
      .selectFrom("orders")
      .select(["id", "version"])
      .where("id", "=", orderId)
      .executeTakeFirst();
    if (order !== undefined) {
      await followRecord(transaction, "order", order, {}, writing, { noted: noteOf(lines) });
    }
  }
}
