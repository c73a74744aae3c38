import type { SearchHit } from "@root-gauge/contract";
import { pathTo } from "@root-gauge/core/record";
import { sql } from "kysely";
import type { Store } from "./database";
import { HOLDS } from "./holds";
import { placesOf } from "./machine-places";
import { PAGE_LENGTH, type Page } from "./page";

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
      machines.name as machine, positions.state as state,
      ${HOLDS} as holds
    from search_text
      join search_rows as row on row.id = search_text.rowid
      join machines on machines.id = row.machine_id and machines.removed = 0
      left join positions on positions.id = row.record_id
    where search_text match ${query}
    order by bm25(search_text), search_text.rowid
    limit ${PAGE_LENGTH + 1} offset ${offset}`.execute(store);
  const shown = rows.slice(0, PAGE_LENGTH);
  const paths = new Map<string, string>();
  for (const machineId of new Set(shown.map((row) => row.machineId))) {
    const places = await placesOf(store, machineId);
    for (const { kind, id, machineId: of } of shown) {
      if (kind === "position" && of === machineId) paths.set(id, pathTo(id, places));
    }
  }
  const items = shown.map(({ kind, id, machineId, machine, state, holds }) => ({
    kind,
    id,
    machineId,
    machine,
    place: paths.get(id) ?? "",
    state,
    holds,
  }));
  const more = rows.length > PAGE_LENGTH;
  return { items, next: more ? `at|${offset + PAGE_LENGTH}` : null };
}
