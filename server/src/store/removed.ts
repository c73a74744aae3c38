import { repairRecordSchema, type RemovedRow } from "@root-gauge/contract";
import { repairSummary } from "@root-gauge/core/say/mend";
import { sql } from "kysely";
import type { Store } from "./database";
import { kept } from "./kept-json";
import { pathsOf } from "./machine-places";
import { PAGE_LENGTH, placeIn, type Page } from "./page";

interface Row extends RemovedRow {
  /** Where on its machine it stood, as it was written and by the id. */
  readonly position: string;
  readonly position_id: string | null;
}

/** What is nothing of a machine has no place either. */
const OF_NONE = sql`'' as machine, '' as position, null as position_id, removed_at as at`;

/** A part that was found or mended on a machine that is in the lists. */
const onMachine = (table: "identifications" | "repairs", kind: string, name: string) => sql`
  select ${sql.ref(`${table}.id`)}, ${sql.lit(kind)}, ${sql.raw(name)}, machines.name, position,
    position_id, ${sql.ref(`${table}.removed_at`)}
  from ${sql.table(table)} join machines on machines.id = machine_id
  where ${sql.ref(`${table}.removed`)} = 1 and machines.removed = 0`;

/** A repair's own words, in the place of its record. */
function nameOf({ kind, name }: Row): string {
  if (kind !== "repair") return name;
  const record = kept(name, repairRecordSchema).value;
  return (record && repairSummary(record)?.title) ?? "Repair";
}

/**
 * A page of what was taken out of the lists and is kept, the last taken out first. What went out with what it stands within
 * comes back with it, and a place that was made one with another is no more.
 */
export async function listRemoved(store: Store, after?: string): Promise<Page<RemovedRow>> {
  const { at, id } = placeIn(after) ?? { at: "9999", id: "" };
  const found = `coalesce(case when json_valid(result) then
    json_extract(result, '$.candidates[0].designation') end, 'Finding')`;
  const { rows } = await sql<Row>`
    select * from (
      select id, 'machine' as kind, name, ${OF_NONE} from machines where removed = 1
      union all
      select positions.id, 'position', positions.name, machines.name, '', parent_id,
        positions.removed_at
      from positions join machines on machines.id = machine_id
      where positions.removed = 1 and machines.removed = 0 and merged_into is null
      union all ${onMachine("identifications", "identification", found)}
      union all ${onMachine("repairs", "repair", "record")}
      union all
      select remarks.id, 'remark', coalesce(nullif(substr(text, 1, 60), ''), 'Photograph'), machines.name, '', position_id,
        remarks.removed_at
      from remarks join positions on positions.id = position_id
      join machines on machines.id = machine_id
      where remarks.removed = 1 and machines.removed = 0
      union all select id, 'job', name, ${OF_NONE} from jobs where removed = 1
      union all select id, 'order', name, ${OF_NONE} from orders where removed = 1
      union all select id, 'word', word, ${OF_NONE} from own_words where removed = 1
    )
    where at < ${at} or (at = ${at} and id > ${id})
    order by at desc, id limit ${PAGE_LENGTH + 1}`.execute(store);
  const page = rows.slice(0, PAGE_LENGTH);
  const paths = await pathsOf(store, page);
  const items = page.map((row, i) => ({
    id: row.id,
    kind: row.kind,
    name: nameOf(row),
    machine: [row.machine, paths[i] ?? ""].filter((text) => text !== "").join(", "),
    at: row.at,
  }));
  const last = items.at(-1);
  const more = rows.length > PAGE_LENGTH && last !== undefined;
  return { items, next: more ? `${last.at}|${last.id}` : null };
}
