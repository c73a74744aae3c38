import type { SearchHit } from "@root-gauge/contract";
import { sql } from "kysely";
import type { Store } from "./database";
import { HOLDS } from "./holds";
import { pathsById } from "./machine-places";
import type { Page } from "./page";

/** Words beyond these are not asked for: a longer question finds nothing more. */
const MOST_WORDS = 12;

/**
 * What was typed as a question to the index: every word is wanted as it stands, the last as far as it was typed; a size with
 * its unit is one phrase. Signs that the index takes for its own are letters like any other.
 * @returns undefined where there is no word in it
 */
export function indexQuery(text: string): string | undefined {
  const words = text
    .replace(/(\d)\s+(mm|in|tpi|ba)\b/gi, "$1\u0000$2")
    .split(/[\s"]+/)
    .filter((word) => /[\p{L}\p{N}]/u.test(word))
    .slice(0, MOST_WORDS)
    .map((word) => `"${word.replace(/\u0000/g, " ").replace(/\.+$/, "")}"`);
  if (words.length === 0) return undefined;
  return `${words.join(" ")} *`;
}

/** More than a person reads of what was found. */
const HITS_A_PAGE = 20;

interface HitRow {
  readonly kind: "machine" | "position";
  readonly id: string;
  readonly machineId: string;
  readonly machine: string;
  readonly state: SearchHit["state"];
  readonly holds: string;
}

/** A page of the machines and positions that hold every word, the best first. */
export async function searchRecords(
  store: Store,
  text: string,
  after?: string,
): Promise<Page<SearchHit>> {
  const query = indexQuery(text);
  if (query === undefined) return { items: [], next: null };
  const from = Number(after?.split("|")[1] ?? 0);
  const offset = Number.isInteger(from) && from > 0 ? from : 0;
  const { rows } = await sql<HitRow>`
    select row.kind as kind, row.record_id as id, row.machine_id as machineId,
      machines.name as machine, positions.state as state, ${HOLDS} as holds
    from (
      select rowid, rank from search_text where search_text match ${query}
      order by rank, rowid limit ${HITS_A_PAGE + 1} offset ${offset}
    ) as hit
      join search_rows as row on row.id = hit.rowid
      join machines on machines.id = row.machine_id
      left join positions on positions.id = row.record_id
    order by hit.rank, hit.rowid`.execute(store);
  const shown = rows.slice(0, HITS_A_PAGE);
  const paths = await pathsById(
    store,
    shown.flatMap(({ kind, id }) => (kind === "position" ? [id] : [])),
  );
  const items = shown.map((hit) => ({ ...hit, place: paths.get(hit.id) ?? "" }));
  return { items, next: rows.length > HITS_A_PAGE ? `at|${offset + HITS_A_PAGE}` : null };
}
