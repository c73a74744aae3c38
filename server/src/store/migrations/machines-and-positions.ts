import { randomUUID } from "node:crypto";
import { POSITION_STATES, namesOfPath, yearIn } from "@root-gauge/core/record";
import { sql, type Kysely, type Migration } from "kysely";

interface OldFinding {
  readonly id: string;
  readonly machine_id: string;
  readonly position: string;
  readonly replacement: string | null;
  readonly result: string;
  readonly at: string;
  readonly removed: number;
}

type OldRepair = Pick<OldFinding, "id" | "machine_id" | "position" | "at">;

interface Made {
  readonly id: string;
  readonly machine_id: string;
  readonly parent_id: string | null;
  readonly name: string;
  readonly rank: number;
  state: string;
  spec: string | null;
  readonly created_at: string;
}

const isSettled = (result: string) => {
  try {
    return (JSON.parse(result) as { verdict?: unknown } | null)?.verdict === "settled";
  } catch {
    return false;
  }
};

/** The places of each machine as positions, each place once, the innermost carrying what was found at it. */
class Positions {
  readonly made: Made[] = [];
  private readonly known = new Map<string, Made>();

  at(machine: string, place: string, at: string): Made | undefined {
    let within: Made | undefined;
    for (const name of namesOfPath(place)) {
      const key = JSON.stringify([machine, within?.id ?? null, name.toLowerCase()]);
      const one: Made = this.known.get(key) ?? {
        id: randomUUID(),
        machine_id: machine,
        parent_id: within?.id ?? null,
        name,
        rank: this.made.length,
        state: "to-identify",
        spec: null,
        created_at: at,
      };
      if (!this.known.has(key)) this.made.push(one);
      this.known.set(key, one);
      within = one;
    }
    return within;
  }
}

/** Every finding and repair in the order it was taken, each at its place; what was taken out of the lists keeps its own too. */
async function movePlaces(db: Kysely<unknown>): Promise<void> {
  const positions = new Positions();
  const { rows: findings } = await sql<OldFinding>`
    select id, machine_id, position, replacement, result, taken_at as at, removed from identifications
    order by taken_at, id`.execute(db);
  const { rows: repairs } = await sql<OldRepair>`
    select id, machine_id, position, taken_at as at from repairs order by taken_at, id`.execute(db);
  const of = new Map<string, string>();
  for (const finding of findings) {
    const position = positions.at(finding.machine_id, finding.position, finding.at);
    if (position === undefined) continue;
    of.set(finding.id, position.id);
    if (finding.removed === 1) continue;
    // The last that was taken says how it stands; what goes in stays until another is said to.
    position.spec = finding.replacement ?? position.spec;
    if (isSettled(finding.result) || finding.replacement !== null) position.state = "identified";
  }
  for (const repair of repairs) {
    const position = positions.at(repair.machine_id, repair.position, repair.at);
    if (position !== undefined) of.set(repair.id, position.id);
  }
  for (const { id, machine_id, parent_id, name, rank, state, spec, created_at } of positions.made) {
    await sql`
      insert into positions
        (id, machine_id, parent_id, name, rank, alike, state, spec, notes, created_at, updated_at)
      values
        (${id}, ${machine_id}, ${parent_id}, ${name}, ${rank}, 1, ${state}, ${spec}, '',
         ${created_at}, ${created_at})`.execute(db);
  }
  for (const [table, rows] of [
    ["identifications", findings],
    ["repairs", repairs],
  ] as const) {
    for (const { id } of rows) {
      const position = of.get(id);
      if (position === undefined) continue;
      await sql`update ${sql.table(table)} set position_id = ${position} where id = ${id}`.execute(
        db,
      );
    }
  }
}

/** The year that a job's origin named becomes the machine's own; the words stay as they were written. */
async function readYears(db: Kysely<unknown>): Promise<void> {
  const { rows } = await sql<{ id: string; origin: string }>`
    select id, origin from machines`.execute(db);
  for (const { id, origin } of rows) {
    const year = yearIn(origin);
    if (year === undefined) continue;
    await sql`update machines set year = ${year} where id = ${id}`.execute(db);
  }
}

/** What was called a job becomes a machine, and each place named on it a position with what was found there. */
export const machinesAndPositions: Migration = {
  async up(db: Kysely<unknown>) {
    await sql`alter table jobs rename to machines`.execute(db);
    for (const table of ["identifications", "repairs"]) {
      await sql`alter table ${sql.table(table)} rename column job_id to machine_id`.execute(db);
    }
    await sql`alter table machines add column year integer`.execute(db);
    await sql`alter table machines add column stands text not null default ''`.execute(db);
    await sql`alter table machines add column notes text not null default ''`.execute(db);
    const states = sql.join(POSITION_STATES.map((state) => sql.lit(state)));
    await sql`
      create table positions (
        id text primary key,
        machine_id text not null references machines(id),
        parent_id text references positions(id),
        name text not null check (name <> ''),
        rank real not null,
        alike integer not null check (alike >= 1),
        state text not null check (state in (${states})),
        spec text,
        notes text not null,
        created_at text not null,
        updated_at text not null,
        version integer not null default 1,
        device text not null default '',
        removed integer not null default 0 check (removed in (0, 1, 2)),
        set_aside text not null default '[]',
        check (parent_id is null or parent_id <> id)
      )`.execute(db);
    await sql`create index positions_of_machine on positions (machine_id, id)`.execute(db);
    await sql`create index positions_within on positions (parent_id)`.execute(db);
    await sql`create index positions_in_state on positions (state, machine_id, id)`.execute(db);
    for (const table of ["identifications", "repairs"]) {
      await sql`
        alter table ${sql.table(table)} add column position_id text references positions(id)`.execute(
        db,
      );
      await sql`
        create index ${sql.ref(`${table}_at_position`)} on ${sql.table(table)} (position_id, taken_at)`.execute(
        db,
      );
    }
    await sql`
      create table changes (
        id integer primary key,
        record_id text not null,
        version integer not null,
        at text not null,
        who text not null,
        device text not null,
        field text not null,
        was text not null,
        became text not null
      )`.execute(db);
    await sql`create index changes_of_record on changes (record_id, id)`.execute(db);
    await readYears(db);
    await movePlaces(db);
  },
};
