import { randomUUID } from "node:crypto";
import { sql, type Kysely, type Migration } from "kysely";

/** What a line of an order was kept as, in the order's own row. */
interface OldLine {
  readonly id?: unknown;
  readonly callout?: unknown;
  readonly alternates?: unknown;
  readonly needed?: unknown;
  readonly onShelf?: unknown;
  readonly ordered?: unknown;
  readonly positions?: unknown;
  readonly arrived?: unknown;
}

interface OldOrder {
  readonly id: string;
  readonly lines: string;
  readonly set_aside: string;
  readonly created_at: string;
  readonly updated_at: string;
  readonly device: string;
}

function parsed(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
}

const isLine = (line: unknown): line is OldLine & { callout: string } =>
  typeof line === "object" &&
  line !== null &&
  "callout" in line &&
  typeof line.callout === "string";

const countOf = (value: unknown) => (typeof value === "number" ? value : 0);
const listOf = (value: unknown) => JSON.stringify(Array.isArray(value) ? value : []);

/** Lines of orders become rows of their own; what cannot be read of them is kept with their order. */
async function moveLines(db: Kysely<unknown>): Promise<void> {
  const { rows } = await sql<OldOrder>`
    select id, lines, set_aside, created_at, updated_at, device from orders`.execute(db);
  const taken = new Set<string>();
  for (const order of rows) {
    const list = parsed(order.lines);
    const lines: readonly unknown[] = Array.isArray(list) ? list : [];
    const aside = Array.isArray(list)
      ? lines.filter((line) => !isLine(line)).map((line) => JSON.stringify(line))
      : [order.lines];
    for (const [place, line] of lines.filter(isLine).entries()) {
      const own = typeof line.id === "string" && !taken.has(line.id) ? line.id : randomUUID();
      taken.add(own);
      await sql`
        insert into order_lines (id, order_id, place, callout, alternates, needed, on_shelf, ordered,
          positions, arrived, created_at, updated_at, device)
        values (${own}, ${order.id}, ${place}, ${line.callout}, ${listOf(line.alternates)},
          ${countOf(line.needed)}, ${countOf(line.onShelf)},
          ${typeof line.ordered === "number" ? line.ordered : null}, ${listOf(line.positions)},
          ${line.arrived === true ? 1 : 0}, ${order.created_at}, ${order.updated_at},
          ${order.device})`.execute(db);
    }
    if (aside.length > 0) {
      const before = parsed(order.set_aside);
      const all = [...(Array.isArray(before) ? (before as unknown[]) : []), ...aside];
      await sql`update orders set set_aside = ${JSON.stringify(all)} where id = ${order.id}`.execute(
        db,
      );
    }
  }
}

/**
 * One way to keep a record: histories that hold a field as its column has it (lines of before are in words), places that
 * say which other they were made one with, and lines of orders in rows of their own.
 */
export const oneSave: Migration = {
  async up(db: Kysely<unknown>) {
    await sql`alter table changes add column exact integer not null default 0`.execute(db);
    await sql`alter table changes add column kind text not null default ''`.execute(db);
    await sql`alter table positions add column merged_into text`.execute(db);
    await sql`
      create index positions_named on positions (machine_id, parent_id, name collate nocase)`.execute(
      db,
    );
    await sql`
      create table order_lines (
        id text primary key,
        order_id text not null references orders(id) deferrable initially deferred,
        place integer not null,
        callout text not null,
        alternates text not null,
        needed integer not null,
        on_shelf integer not null,
        ordered integer,
        positions text not null,
        arrived integer not null,
        set_aside text not null default '[]',
        created_at text not null,
        updated_at text not null,
        version integer not null default 1,
        device text not null default '',
        removed integer not null default 0,
        removed_at text
      )`.execute(db);
    await sql`create index lines_of_order on order_lines (order_id, place)`.execute(db);
    await sql`
      create trigger order_lines_removed after update of removed on order_lines
      when new.removed <> old.removed
      begin
        update order_lines set removed_at = case when new.removed = 1 then new.updated_at end
        where id = new.id;
      end`.execute(db);
    await moveLines(db);
    await sql`alter table orders drop column lines`.execute(db);
  },
};
