import {
  ownWordSchema,
  type OwnWordInput,
  type StoredWord,
  type Write,
} from "@root-gauge/contract";
import { sql, type Selectable, type SqlBool } from "kysely";
import type { Store } from "./database";
import { PAGE_LENGTH, placeDecoded, type Page } from "./page";
import { saveRecord } from "./save-record";
import type { OwnWordsTable } from "./schema";

/** A row as a record; one of an older make whose meaning is not known any more is left out of the list, not thrown away. */
function wordOf(row: Selectable<OwnWordsTable>): StoredWord | undefined {
  const { id, word, updated_at: updatedAt, version } = row;
  const read = ownWordSchema.safeParse({
    id,
    word,
    means: JSON.parse(row.means) as unknown,
    updatedAt,
    version,
    removed: row.removed === 1,
  });
  return read.success ? read.data : undefined;
}

/** The words of the workshop, by their letters. */
export async function listWords(store: Store): Promise<readonly StoredWord[]> {
  const rows = await store
    .selectFrom("own_words")
    .selectAll()
    .where("removed", "=", 0)
    .orderBy("word")
    .execute();
  return rows.map(wordOf).filter((word) => word !== undefined);
}

/** A page of the workshop's words, by their letters. */
export async function pageOfWords(store: Store, after = ""): Promise<Page<StoredWord>> {
  const [word = "", id = ""] = after.split("|");
  const rows = await store
    .selectFrom("own_words")
    .selectAll()
    .where("removed", "=", 0)
    .where(sql<SqlBool>`(word, id) > (${placeDecoded(word)}, ${id})`)
    .orderBy("word")
    .orderBy("id")
    .limit(PAGE_LENGTH + 1)
    .execute();
  const last = rows[PAGE_LENGTH - 1];
  return {
    items: rows
      .slice(0, PAGE_LENGTH)
      .map(wordOf)
      .filter((one) => one !== undefined),
    next:
      rows.length > PAGE_LENGTH && last !== undefined
        ? `${encodeURIComponent(last.word)}|${last.id}`
        : null,
  };
}

export async function findWord(store: Store, id: string): Promise<StoredWord | undefined> {
  const row = await store
    .selectFrom("own_words")
    .selectAll()
    .where("id", "=", id)
    .executeTakeFirst();
  return row && wordOf(row);
}

/**
 * Teaches a word, changes what it means or takes it out: saying it twice is saying it once.
 * @returns undefined when another device has changed it since; nothing was stored
 */
export async function saveWord(
  store: Store,
  id: string,
  input: OwnWordInput,
  now: Date,
  write: Write = { saw: 0 },
): Promise<StoredWord | undefined> {
  const writing = { write, at: now.toISOString() };
  return store.transaction().execute(async (transaction) => {
    const saved = await saveRecord<Selectable<OwnWordsTable>>(
      transaction,
      "word",
      id,
      input,
      writing,
      { comesBack: true },
    );
    return "row" in saved ? wordOf(saved.row) : undefined;
  });
}
