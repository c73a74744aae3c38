import {
  RECORD_KINDS,
  type Job,
  type JobInput,
  type JobPlace,
  type Write,
} from "@root-gauge/contract";
import type { StateCounts } from "@root-gauge/core/record";
import { sql, type Selectable, type Transaction } from "kysely";
import type { Writing } from "./changes";
import type { Store } from "./database";
import { HOLDS } from "./holds";
import { pathsById, placesNow } from "./machine-places";
import { PAGE_LENGTH, type Page } from "./page";
import { followRecord, saidFields, saveRecord } from "./save-record";
import type { Db, JobsTable, Tables } from "./schema";

type Row = Selectable<JobsTable>;

/** How a save of a job came out; where it was not saved, nothing was stored. */
export type SavedJob =
  | { readonly kind: "saved"; readonly record: Job }
  | { readonly kind: "conflict" }
  | { readonly kind: "no-position" };

/** All places of jobs, those too that are in no list now: a place that comes back is in its job again. */
async function idsOf(db: Db, jobId: string): Promise<string[]> {
  const rows = await db
    .selectFrom("job_positions")
    .select("position_id")
    .where("job_id", "=", jobId)
    .orderBy("place")
    .execute();
  return rows.map(({ position_id }) => position_id);
}

interface Standing {
  readonly job: string;
  readonly position: string;
  readonly machine: string;
  readonly state: keyof StateCounts;
}

/** The positions of jobs that are in the lists, in the jobs' own order. */
async function standings(db: Db, ids: readonly string[]): Promise<readonly Standing[]> {
  if (ids.length === 0) return [];
  return db
    .selectFrom("job_positions")
    .innerJoin("positions", "positions.id", "job_positions.position_id")
    .innerJoin("machines", "machines.id", "positions.machine_id")
    .select([
      "job_positions.job_id as job",
      "positions.id as position",
      "machines.name as machine",
      "positions.state",
    ])
    .where("job_positions.job_id", "in", ids)
    .where("positions.removed", "=", 0)
    .where("machines.removed", "=", 0)
    .orderBy("job_positions.job_id")
    .orderBy("job_positions.place")
    .execute();
}

function jobOf(row: Row, standing: readonly Standing[]): Job {
  const states: { -readonly [State in keyof StateCounts]: number } = {};
  for (const { state } of standing) states[state] = (states[state] ?? 0) + 1;
  return {
    id: row.id,
    name: row.name,
    opened: row.opened,
    due: row.due,
    done: row.done,
    notes: row.notes,
    positions: standing.map(({ position }) => position),
    machines: [...new Set(standing.map(({ machine }) => machine))],
    states,
    createdAt: row.created_at,
    updatedAt: row.updated_at,
    version: row.version,
    removed: row.removed === 1,
  };
}

async function jobsOf(db: Db, rows: readonly Row[]): Promise<readonly Job[]> {
  const all = await standings(
    db,
    rows.map(({ id }) => id),
  );
  return rows.map((row) =>
    jobOf(
      row,
      all.filter(({ job }) => job === row.id),
    ),
  );
}

/** Open ones first, the soonest due before; then those that are done. */
const ORDER = sql<string>`
  case when done is null then '0' || coalesce(due, '9999') else '1' || opened end`;

/** A page of the jobs: open ones first, the soonest due before. */
export async function listJobs(store: Store, after?: string): Promise<Page<Job>> {
  const [key = "", id = ""] = after?.split("|") ?? [];
  const rows = await store
    .selectFrom("jobs")
    .selectAll()
    .select(ORDER.as("key"))
    .where("removed", "=", 0)
    .where(sql<boolean>`(${ORDER}, id) > (${key}, ${id})`)
    .orderBy(ORDER)
    .orderBy("id")
    .limit(PAGE_LENGTH + 1)
    .execute();
  const shown = rows.slice(0, PAGE_LENGTH);
  const last = shown.at(-1);
  const more = rows.length > PAGE_LENGTH && last !== undefined;
  return { items: await jobsOf(store, shown), next: more ? `${last.key}|${last.id}` : null };
}

export async function findJob(store: Store, id: string): Promise<Job | undefined> {
  const rows = await store.selectFrom("jobs").selectAll().where("id", "=", id).execute();
  const [job] = await jobsOf(store, rows);
  return job;
}

/** What a job is worked at, each place with its machine, in the job's own order. */
export async function placesOfJob(store: Store, jobId: string): Promise<readonly JobPlace[]> {
  const { rows } = await sql<Omit<JobPlace, "path" | "archived"> & { archived: number }>`
    select positions.id, positions.machine_id as machineId, parent_id as parentId, positions.name,
      rank, alike, state, positions.version, archived, ${HOLDS} as holds, machines.name as machine
    from job_positions
    join positions on positions.id = position_id
    join machines on machines.id = positions.machine_id
    where job_id = ${jobId} and positions.removed = 0 and machines.removed = 0
    order by place`.execute(store);
  const paths = await pathsById(
    store,
    rows.map(({ id }) => id),
  );
  return rows.map((row) => ({
    ...row,
    archived: row.archived === 1,
    path: paths.get(row.id) ?? row.name,
  }));
}

/** Those of a job's places that are in no list now: who changes its places does not see them. */
async function hiddenOf(db: Db, jobId: string): Promise<readonly string[]> {
  const { rows } = await sql<{ id: string }>`
    select position_id as id from job_positions
    join positions on positions.id = position_id
    join machines on machines.id = machine_id
    where job_id = ${jobId} and (positions.removed <> 0 or machines.removed <> 0)
    order by place`.execute(db);
  return rows.map(({ id }) => id);
}

async function areKnown(db: Db, ids: readonly string[]): Promise<boolean> {
  if (ids.length === 0) return true;
  const { count } = await db
    .selectFrom("positions")
    .select(({ fn }) => fn.countAll<number>().as("count"))
    .where("id", "in", ids)
    .executeTakeFirstOrThrow();
  return count === ids.length;
}

async function writePlaces(db: Db, jobId: string, ids: readonly string[]): Promise<void> {
  await db.deleteFrom("job_positions").where("job_id", "=", jobId).execute();
  const rows = ids.map((position_id, place) => ({ job_id: jobId, position_id, place }));
  if (rows.length > 0) await db.insertInto("job_positions").values(rows).execute();
}

/** Opens a job, changes it, takes it out of the lists or brings it back: saying it twice is saying it once. */
export async function saveJob(
  store: Store,
  id: string,
  sent: JobInput,
  now: Date,
  write: Write = { saw: 0 },
): Promise<SavedJob> {
  const writing = { write, at: now.toISOString() };
  return store.transaction().execute(async (transaction): Promise<SavedJob> => {
    if (!(await areKnown(transaction, [...new Set(sent.positions)])))
      return { kind: "no-position" };
    const before = await idsOf(transaction, id);
    const says = saidFields(RECORD_KINDS.job, write).includes("positions");
    const wanted = says
      ? [...(await placesNow(transaction, sent.positions)), ...(await hiddenOf(transaction, id))]
      : before;
    const places = [...new Set(wanted)];
    const saved = await saveRecord<Row>(transaction, "job", id, sent, writing, {
      apart: placesLine(before, places),
    });
    if (saved.kind !== "saved" && saved.kind !== "same") return { kind: "conflict" };
    if (saved.kind === "saved") await writePlaces(transaction, id, places);
    const [record = jobOf(saved.row, [])] = await jobsOf(transaction, [saved.row]);
    return { kind: "saved", record };
  });
}

const placesLine = (before: readonly string[], places: readonly string[]) => [
  { field: "positions", was: before.join(" "), became: places.join(" ") } as const,
];

/** What jobs are worked at one place are worked at another from now on: the first was made one with it. */
export async function moveInJobs(
  transaction: Transaction<Tables>,
  fromId: string,
  intoId: string,
  writing: Writing,
): Promise<void> {
  const jobs = await transaction
    .selectFrom("jobs")
    .innerJoin("job_positions", "job_id", "id")
    .select(["jobs.id", "jobs.version"])
    .where("position_id", "=", fromId)
    .execute();
  for (const job of jobs) {
    const before = await idsOf(transaction, job.id);
    const places = [...new Set(before.map((id) => (id === fromId ? intoId : id)))];
    await followRecord(transaction, "job", job, {}, writing, { apart: placesLine(before, places) });
    await writePlaces(transaction, job.id, places);
  }
}
