import type { Machine, MachineInput, MachineRow, MachinesQuery, Write } from "@root-gauge/contract";
import type { PositionState, StateCounts } from "@root-gauge/core/record";
import { sql, type SqlBool, type Transaction } from "kysely";
import type { Store } from "./database";
import { PAGE_LENGTH, placeDecoded, type Page } from "./page";
import { saveRecord, type RecordRow } from "./save-record";
import type { Tables } from "./schema";
import { indexMachine, indexPositionsOf } from "./search-index";

function machinesWithCounts(store: Store | Transaction<Tables>) {
  return store.selectFrom("machines").select((eb) => [
    "machines.id",
    "machines.name",
    "machines.origin",
    "machines.year",
    "machines.stands",
    "machines.notes",
    "machines.created_at as createdAt",
    "machines.updated_at as updatedAt",
    "machines.version",
    "machines.removed",
    eb
      .selectFrom("identifications")
      .select((of) => of.fn.countAll<number>().as("count"))
      .whereRef("identifications.machine_id", "=", "machines.id")
      .where("identifications.removed", "=", 0)
      .$asScalar()
      .$notNull()
      .as("identifications"),
  ]);
}

interface Counted extends Omit<Machine, "removed" | "states"> {
  readonly removed: number;
}

/** How the positions of machines stand, by the machine. */
async function statesOf(
  store: Store | Transaction<Tables>,
  machineIds: readonly string[],
): Promise<ReadonlyMap<string, StateCounts>> {
  const rows = await store
    .selectFrom("machine_states")
    .selectAll()
    .where("machine_id", "in", machineIds)
    .where("count", ">", 0)
    .execute();
  const counts = new Map<string, Partial<Record<PositionState, number>>>();
  for (const { machine_id, state, count } of rows) {
    const of = counts.get(machine_id) ?? {};
    of[state] = count;
    counts.set(machine_id, of);
  }
  return counts;
}

async function machinesOf(
  store: Store | Transaction<Tables>,
  rows: readonly Counted[],
): Promise<readonly Machine[]> {
  const states = await statesOf(
    store,
    rows.map(({ id }) => id),
  );
  return rows.map(({ removed, ...machine }) => ({
    ...machine,
    states: states.get(machine.id) ?? {},
    removed: removed === 1,
  }));
}

/** A text that is looked for as it stands: what LIKE takes for a sign of its own is not. */
const holding = (text: string) => `%${text.replace(/[\\%_]/g, "\\$&")}%`;

/** What each sort goes by, as a text; the last changed stand first, else they rise. */
const SORT_KEYS = {
  changed: sql<string>`machines.updated_at`,
  name: sql<string>`lower(machines.name)`,
  year: sql<string>`case when machines.year is null then '9999' else printf('%04d', machines.year) end`,
} as const satisfies Record<MachinesQuery["sort"], unknown>;

/**
 * A page of the machines, each with how many identifications it holds.
 * @param query what the name or the origin is to hold, in either case; the state that one of its positions is in; the order
 */
export async function listMachines(
  store: Store,
  { q = "", state, sort, after }: MachinesQuery = { sort: "changed" },
): Promise<Page<MachineRow>> {
  const key = SORT_KEYS[sort];
  let query = machinesWithCounts(store).select(key.as("key")).where("machines.removed", "=", 0);
  if (q !== "") {
    const like = holding(q);
    query = query.where(
      sql<SqlBool>`(machines.name like ${like} escape '\\' or machines.origin like ${like} escape '\\')`,
    );
  }
  if (state !== undefined) {
    query = query.where(({ exists, selectFrom }) =>
      exists(
        selectFrom("machine_states")
          .select("count")
          .whereRef("machine_states.machine_id", "=", "machines.id")
          .where("machine_states.state", "=", state)
          .where("count", ">", 0),
      ),
    );
  }
  const [from = "", id = ""] = after?.split("|") ?? [];
  if (after !== undefined) {
    const place = placeDecoded(from);
    const beyond = sort === "changed" ? sql.raw("<") : sql.raw(">");
    query = query.where(
      sql<SqlBool>`(${key} ${beyond} ${place} or (${key} = ${place} and machines.id > ${id}))`,
    );
  }
  const rows = await query
    .orderBy(key, sort === "changed" ? "desc" : "asc")
    .orderBy("machines.id")
    .limit(PAGE_LENGTH + 1)
    .execute();
  const shown = rows.slice(0, PAGE_LENGTH);
  const last = shown.at(-1);
  const items = await machinesOf(
    store,
    shown.map(({ key: _key, ...machine }) => machine),
  );
  const more = rows.length > PAGE_LENGTH && last !== undefined;
  const shownOf = ({ notes: _notes, createdAt: _createdAt, ...row }: Machine): MachineRow => row;
  return {
    items: items.map(shownOf),
    next: more ? `${encodeURIComponent(last.key)}|${last.id}` : null,
  };
}

export async function findMachine(
  store: Store | Transaction<Tables>,
  id: string,
): Promise<Machine | undefined> {
  const rows = await machinesWithCounts(store).where("machines.id", "=", id).execute();
  const [machine] = await machinesOf(store, rows);
  return machine;
}

/**
 * Makes the machine, or changes it when its writer has seen it as it is: saying it twice is saying it once.
 * @returns undefined when another device has changed it since; nothing was stored
 */
export async function saveMachine(
  store: Store,
  id: string,
  sent: MachineInput,
  now: Date,
  write: Write = { saw: 0 },
): Promise<Machine | undefined> {
  const writing = { write, at: now.toISOString() };
  return store.transaction().execute(async (transaction) => {
    const saved = await saveRecord<RecordRow>(transaction, "machine", id, sent, writing);
    if (saved.kind === "conflict") return undefined;
    if (saved.kind === "saved") {
      await indexMachine(transaction, id);
      const listed = saved.lines.some(({ field }) => field === "removed");
      if (listed) await indexPositionsOf(transaction, id);
    }
    return findMachine(transaction, id);
  });
}
