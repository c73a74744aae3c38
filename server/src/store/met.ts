import { sql, type RawBuilder, type SqlBool } from "kysely";
import type { Store } from "./database";

/**
 * How many parts of each thread the records hold: those that were settled, each counted by the thread it was settled on.
 * What was read of one place again, years later, is no other part.
 * What was taken out of the lists does not count.
 */
export function threadsMet(store: Store): Promise<Readonly<Record<string, number>>> {
  return counted(store, sql<SqlBool>`true`);
}

/**
 * The same of one machine.
 * @param without a place that is left out
 */
export function threadsMetOnMachine(
  store: Store,
  machineId: string,
  without = "",
): Promise<Readonly<Record<string, number>>> {
  const elsewhere = sql<SqlBool>`position_id is null or position_id <> ${without}`;
  return counted(store, sql<SqlBool>`machine_id = ${machineId} and (${elsewhere})`);
}

async function counted(
  store: Store,
  which: RawBuilder<SqlBool>,
): Promise<Readonly<Record<string, number>>> {
  const { rows } = await sql<{ thread: string | null; parts: number }>`
    select json_extract(result, '$.candidates[0].threadId') as thread,
      count(distinct coalesce(position_id, id)) as parts
    from identifications
    where removed = 0 and json_valid(result) and json_extract(result, '$.verdict') = 'settled'
      and ${which}
    group by thread
  `.execute(store);
  return Object.fromEntries(
    rows.flatMap(({ thread, parts }) => (thread === null ? [] : [[thread, Number(parts)]])),
  );
}
