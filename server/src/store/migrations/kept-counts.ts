import { sql, type Kysely, type Migration, type RawBuilder } from "kysely";

/** Whether a position is in the lists and no part of what is archived. */
const isInWork = (row: string): RawBuilder<unknown> =>
  sql.raw(`(${row}.removed = 0 and ${row}.archived = 0)`);

/** Whether it is counted, as `thatStand` of the core has it. */
const isTold = (row: string): RawBuilder<unknown> =>
  sql`(${isInWork(row)} and ${sql.raw(`(${row}.state <> 'to-identify' or ${row}.places_within = 0)`)})`;

const oneMore = sql`
  insert into machine_states (machine_id, state, count) values (new.machine_id, new.state, 1)
  on conflict (machine_id, state) do update set count = count + 1`;

const oneLess = sql`
  update machine_states set count = count - 1 where machine_id = old.machine_id and state = old.state`;

/**
 * How many places of a machine stand in each state, and how many stand right within a place, kept by the database itself:
 * whichever statement changes a position, it counts by it. Counted anew at each reading, a machine of 20,000 places made
 * everyone wait.
 */
export const keptCounts: Migration = {
  async up(db: Kysely<unknown>) {
    await db.schema
      .createTable("machine_states")
      .addColumn("machine_id", "text", (column) => column.notNull().references("machines.id"))
      .addColumn("state", "text", (column) => column.notNull())
      .addColumn("count", "integer", (column) => column.notNull())
      .addPrimaryKeyConstraint("machine_states_key", ["machine_id", "state"])
      .execute();
    await db.schema
      .alterTable("positions")
      .addColumn("places_within", "integer", (column) => column.notNull().defaultTo(0))
      .execute();
    await sql`
      update positions set places_within = (
        select count(*) from positions as inner_one
        where inner_one.parent_id = positions.id and ${isInWork("inner_one")})`.execute(db);
    await sql`
      insert into machine_states (machine_id, state, count)
      select machine_id, state, count(*) from positions
      where ${isTold("positions")} group by machine_id, state`.execute(db);
    await sql`
      create trigger positions_within_made after insert on positions
      when new.parent_id is not null and ${isInWork("new")}
      begin
        update positions set places_within = places_within + 1 where id = new.parent_id;
      end`.execute(db);
    await sql`
      create trigger positions_within_changed
      after update of parent_id, removed, archived on positions
      when old.parent_id is not new.parent_id or ${isInWork("old")} <> ${isInWork("new")}
      begin
        update positions set places_within = places_within - 1
        where id = old.parent_id and ${isInWork("old")};
        update positions set places_within = places_within + 1
        where id = new.parent_id and ${isInWork("new")};
      end`.execute(db);
    await sql`
      create trigger positions_counted_made after insert on positions
      when ${isTold("new")}
      begin ${oneMore}; end`.execute(db);
    await sql`
      create trigger positions_counted_no_more
      after update of machine_id, state, removed, archived, places_within on positions
      when ${isTold("old")}
      begin ${oneLess}; end`.execute(db);
    await sql`
      create trigger positions_counted
      after update of machine_id, state, removed, archived, places_within on positions
      when ${isTold("new")}
      begin ${oneMore}; end`.execute(db);
  },
};
