import type { RecordEvent, RecordKind } from "@root-gauge/contract";
import { sql } from "kysely";
import type { Store } from "./database";

/** More than a screen asks for one by one: it asks for all that it shows. */
const MOST_EVENTS = 200;

/** What was changed, and where that ends. */
export interface Events {
  readonly events: readonly RecordEvent[];
  readonly last: number;
  readonly more: boolean;
}

async function lastEvent(store: Store): Promise<number> {
  const { rows } = await sql<{ last: number | null }>`
    select max(id) as last from changes`.execute(store);
  return rows[0]?.last ?? 0;
}

/**
 * Which records were changed since an event, each once.
 * @param after undefined for none: only where the events end now
 */
export async function eventsSince(store: Store, after: number | undefined): Promise<Events> {
  const last = await lastEvent(store);
  if (after === undefined || after >= last) return { events: [], last, more: false };
  const { rows } = await sql<RecordEvent & { readonly kind: RecordKind }>`
    select max(id) as id, kind, record_id as record, device from changes
    where id > ${after} and id <= ${last} and kind <> ''
    group by kind, record_id, device order by 1 limit ${MOST_EVENTS + 1}`.execute(store);
  const more = rows.length > MOST_EVENTS;
  return { events: more ? [] : rows, last, more };
}
