import type { RemovedRow } from "@root-gauge/contract";
import { sql } from "kysely";
import type { Store } from "./database";
import { PAGE_LENGTH, placeIn, type Page } from "./page";

/** A page of what was taken out of the lists and is kept, the last taken out first. What went out with what it stands within comes back with it. */
export async function listRemoved(store: Store, after?: string): Promise<Page<RemovedRow>> {
  const { at, id } = placeIn(after) ?? { at: "9999", id: "" };
  const { rows } = await sql<RemovedRow>`
    select * from (
      select id, 'machine' as kind, name, '' as machine, removed_at as at
        from machines where removed = 1
      union all
      select positions.id, 'position', positions.name, machines.name, positions.removed_at
        from positions join machines on machines.id = machine_id
        where positions.removed = 1 and machines.removed = 0
      union all
      select id, 'job', name, '', removed_at from jobs where removed = 1
      union all
      select id, 'order', name, '', removed_at from orders where removed = 1
    )
    where at < ${at} or (at = ${at} and id > ${id})
    order by at desc, id limit ${PAGE_LENGTH + 1}`.execute(store);
  const items = rows.slice(0, PAGE_LENGTH);
  const last = items.at(-1);
  const more = rows.length > PAGE_LENGTH && last !== undefined;
  return { items, next: more ? `${last.at}|${last.id}` : null };
}
