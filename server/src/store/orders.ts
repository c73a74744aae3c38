import {
  RECORD_KINDS,
  orderRuleSchema,
  quotationSchema,
  type Order,
  type OrderInput,
  type OrderRow,
  type ToOrder,
  type Write,
} from "@root-gauge/contract";
import type { Selectable } from "kysely";
import type { Store } from "./database";
import { kept, setAside } from "./kept-json";
import { LineClash, linesOfOrders, saveLines, type StoredLines } from "./order-lines";
import { pageOf, placeIn, type Page } from "./page";
import { positionsById } from "./positions";
import { saidFields, saveRecord } from "./save-record";
import type { Db, OrdersTable } from "./schema";

type Row = Selectable<OrdersTable>;

/** Holds for an order whose rule cannot be read any more. */
const NO_SPARES = { sparesPercent: 0, sparesAtLeast: 0, pack: 1 } as const;

const NO_LINES: StoredLines = { lines: [], unreadable: [] };

function orderOf(row: Row, { lines, unreadable }: StoredLines = NO_LINES): Order {
  const rule = kept(row.rule, orderRuleSchema);
  const quotation = row.quotation === null ? undefined : kept(row.quotation, quotationSchema);
  return {
    id: row.id,
    name: row.name,
    rule: rule.value ?? NO_SPARES,
    lines: [...lines],
    notes: row.notes,
    quotation: quotation?.value ?? null,
    createdAt: row.created_at,
    updatedAt: row.updated_at,
    version: row.version,
    unreadable: [
      ...setAside(row),
      ...rule.unreadable,
      ...unreadable,
      ...(quotation?.unreadable ?? []),
    ],
    removed: row.removed === 1,
  };
}

async function withLines(db: Db, row: Row): Promise<Order> {
  return orderOf(row, (await linesOfOrders(db, [row.id])).get(row.id));
}

/** An order as a list shows it. */
function shownOf(order: Order): OrderRow {
  const { id, name, lines, updatedAt, version, removed } = order;
  return {
    ...{ id, name, updatedAt, version, removed },
    lines: lines.map(({ arrived, positions }) => ({ arrived, positions })),
  };
}

/** A page of the orders that are kept, the last changed first. */
export function listOrders(store: Store, after?: string): Promise<Page<OrderRow>> {
  const from = placeIn(after);
  return pageOf(
    store
      .selectFrom("orders")
      .selectAll()
      .where("removed", "=", 0)
      .$if(from !== undefined, (query) =>
        query.where((eb) =>
          eb.or([
            eb("updated_at", "<", from?.at ?? ""),
            eb.and([eb("updated_at", "=", from?.at ?? ""), eb("id", ">", from?.id ?? "")]),
          ]),
        ),
      )
      .orderBy("updated_at", "desc")
      .orderBy("id"),
    async (rows) => {
      const lines = await linesOfOrders(
        store,
        rows.map(({ id }) => id),
      );
      return rows.map((row) => shownOf(orderOf(row, lines.get(row.id))));
    },
    ({ updatedAt, id }) => ({ at: updatedAt, id }),
  );
}

export async function findOrder(store: Store, id: string): Promise<Order | undefined> {
  const row = await store.selectFrom("orders").selectAll().where("id", "=", id).executeTakeFirst();
  return row === undefined ? undefined : withLines(store, row);
}

/** The positions that an order's lines are for, each once. */
export function placesOfOrder(store: Store, { lines }: Order): Promise<readonly ToOrder[]> {
  return positionsById(store, [...new Set(lines.flatMap(({ positions }) => positions))]);
}

/**
 * Keeps an order, changes it, takes it out of the lists or brings it back: saying it twice is saying it once.
 * @returns undefined when another device has changed the same of it since; nothing was stored
 */
export async function saveOrder(
  store: Store,
  id: string,
  sent: OrderInput,
  now: Date,
  write: Write = { saw: 0 },
): Promise<Order | undefined> {
  const writing = { write, at: now.toISOString() };
  const saysLines = saidFields(RECORD_KINDS.order, write).includes("lines");
  try {
    return await store.transaction().execute(async (transaction) => {
      const before = await transaction
        .selectFrom("orders")
        .select(["id", "version", "device", "removed"])
        .where("id", "=", id)
        .executeTakeFirst();
      const noted =
        saysLines || before === undefined
          ? await saveLines(transaction, before, id, sent.lines, writing)
          : [];
      const saved = await saveRecord<Row>(transaction, "order", id, sent, writing, { noted });
      // What was saved of the lines goes back with it.
      if (!("row" in saved)) throw new LineClash();
      return withLines(transaction, saved.row);
    });
  } catch (error) {
    if (error instanceof LineClash) return undefined;
    throw error;
  }
}
