import {
  orderLineSchema,
  orderRuleSchema,
  quotationSchema,
  type KeptLine,
  type Order,
  type OrderInput,
  type OrderRow,
  type ToOrder,
  type Write,
} from "@root-gauge/contract";
import type { Selectable } from "kysely";
import { noteChanges, type Shown } from "./changes";
import type { Store } from "./database";
import { jsonOf, kept, setAside, type Kept } from "./kept-json";
import { clashes, wantedOf, type HistoryNames } from "./merge-fields";
import { pageOf, placeIn, type Page } from "./page";
import { positionsById } from "./positions";
import type { OrdersTable } from "./schema";
import { wroteBy } from "./versions";

type Row = Selectable<OrdersTable>;

/** Holds for an order whose rule cannot be read any more. */
const NO_SPARES = { sparesPercent: 0, sparesAtLeast: 0, pack: 1 } as const;

/** The lines of an order as far as they can be read; one that cannot is set aside by itself. */
function linesOf(text: string): Kept<KeptLine[]> {
  const stored = jsonOf(text);
  if (!Array.isArray(stored)) return { value: undefined, unreadable: [text] };
  const read = stored.map((line) => kept(JSON.stringify(line), orderLineSchema));
  return {
    value: read.flatMap(({ value }) => (value === undefined ? [] : [value])),
    unreadable: read.flatMap(({ unreadable }) => unreadable),
  };
}

function orderOf(row: Row): Order {
  const rule = kept(row.rule, orderRuleSchema);
  const lines = linesOf(row.lines);
  const quotation = row.quotation === null ? undefined : kept(row.quotation, quotationSchema);
  return {
    id: row.id,
    name: row.name,
    rule: rule.value ?? NO_SPARES,
    lines: lines.value ?? [],
    notes: row.notes,
    quotation: quotation?.value ?? null,
    createdAt: row.created_at,
    updatedAt: row.updated_at,
    version: row.version,
    unreadable: [
      ...setAside(row),
      ...rule.unreadable,
      ...lines.unreadable,
      ...(quotation?.unreadable ?? []),
    ],
    removed: row.removed === 1,
  };
}

/** An order as a list shows it. */
function shownOf(row: Row): OrderRow {
  const { id, name, lines, updatedAt, version, removed } = orderOf(row);
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
    (rows) => rows.map(shownOf),
    ({ updatedAt, id }) => ({ at: updatedAt, id }),
  );
}

export async function findOrder(store: Store, id: string): Promise<Order | undefined> {
  const row = await store.selectFrom("orders").selectAll().where("id", "=", id).executeTakeFirst();
  return row === undefined ? undefined : orderOf(row);
}

/** The positions that an order's lines are for, each once. */
export function placesOfOrder(store: Store, { lines }: Order): Promise<readonly ToOrder[]> {
  return positionsById(store, [...new Set(lines.flatMap(({ positions }) => positions))]);
}

const FIELDS: HistoryNames<OrderInput> = {
  name: "name",
  rule: "rule",
  lines: "lines",
  notes: "notes",
  quotation: "quotation",
  removed: "removed",
};

function shown({ name, rule, lines, notes, quotation, removed }: OrderInput): Shown {
  return {
    name,
    rule: JSON.stringify(rule),
    lines: JSON.stringify(lines),
    notes,
    quotation: quotation === null ? "" : JSON.stringify(quotation),
    removed: removed === true ? "yes" : "",
  };
}

const inputOf = ({ name, rule, lines, notes, quotation, removed }: Order): OrderInput => ({
  name,
  rule,
  lines,
  notes,
  quotation,
  removed,
});

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
  const at = now.toISOString();
  return store.transaction().execute(async (transaction) => {
    const existing = await transaction
      .selectFrom("orders")
      .selectAll()
      .where("id", "=", id)
      .executeTakeFirst();
    const before = existing && orderOf(existing);
    const was = before && shown(inputOf(before));
    const input = wantedOf(FIELDS, before && inputOf(before), sent, write);
    const became = shown(input);
    if (before !== undefined && JSON.stringify(was) === JSON.stringify(became)) return before;
    if (await clashes(transaction, existing, FIELDS, write)) return undefined;
    const changed = {
      name: input.name,
      rule: JSON.stringify(input.rule),
      lines: JSON.stringify(input.lines),
      notes: input.notes,
      quotation: input.quotation === null ? null : JSON.stringify(input.quotation),
      set_aside: JSON.stringify(before?.unreadable ?? []),
      removed: input.removed === true ? 1 : 0,
      updated_at: at,
      ...wroteBy(existing, write),
    };
    const row = await transaction
      .insertInto("orders")
      .values({ id, created_at: at, ...changed })
      .onConflict((conflict) => conflict.column("id").doUpdateSet(changed))
      .returningAll()
      .executeTakeFirstOrThrow();
    await noteChanges(transaction, row, was, became, { write, at });
    return orderOf(row);
  });
}
