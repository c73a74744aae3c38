import { sql } from "kysely";

/**
 * What a position holds, as lists show it: the call-out of what goes in, else the thread that was settled there last; empty
 * where neither is known.
 */
export const HOLDS = sql<string>`
  coalesce(
    case when json_valid(positions.spec) then json_extract(positions.spec, '$.callout') end,
    (select json_extract(found.result, '$.candidates[0].designation') from identifications as found
      where found.position_id = positions.id and found.removed = 0 and json_valid(found.result)
        and json_extract(found.result, '$.verdict') = 'settled'
      order by found.taken_at desc limit 1),
    '')`;
